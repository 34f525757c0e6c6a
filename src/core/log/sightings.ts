import { ageBandOf, type Ages } from '../model/ages';
import type { MoveBook } from '../moves/move-book';
import { TIMINGS } from '../cues/timing';
import { median } from '../words/middle';
import { REP, type PaceKey } from './pace-key';
import type { PlannedCue, Run } from './run';

/**
 * How something went in one session, as times of what is usual: 1.2 is a fifth more. `seen` is how often
 * it was seen there.
 */
export type Sighting = Readonly<{ key: PaceKey; times: number; seen: number }>;

/** What is so far off is a break or a slip of the finger, not a pace: times of the usual. */
const SANE = { least: 0.25, most: 4 } as const;
/** A line of fewer words tells more of reaching for the screen than of talking. */
const FEWEST_WORDS = 6;
/** From this on a planned throw is one by a child, in seconds. */
export const LEAST_CHILD_THROW = 7;
/** Fewer counts tell no tempo. */
const FEWEST_COUNTS = 4;

const usualRep = (book: MoveBook, id: string, ages: Ages): number | null =>
  book.get(id)?.secondsPerRep[ageBandOf(ages)] ?? null;

/** A visit of a cue that the leader and not the clock ended, and how many seconds it was. */
type Stay = Readonly<{ cue: PlannedCue; seconds: number }>;
type Told = readonly [PaceKey, number];

/** A line that waited for the leader. */
function ofLine({ cue: { kind, words = 0 }, seconds }: Stay, { leading }: Run): Told | null {
  const isLine = kind === 'say' || kind === 'ask';
  if (!isLine || leading.lines !== 'wait for me' || words < FEWEST_WORDS) return null;
  const wait = kind === 'ask' ? TIMINGS.questionWait.usual : 0;
  const talk = Math.max(0.5, seconds - wait);
  return ['wordsPerMinute', (words * 60) / talk / TIMINGS.wordsPerMinute.usual];
}

/** A throw of a real die, until it was typed; who throws is told by how long it was planned to take. */
function ofThrow({ cue, seconds }: Stay, { typed }: Run): Told | null {
  if (cue.kind !== 'draw' || !typed?.[cue.beatId]) return null;
  const byChild = cue.lengthSeconds >= LEAST_CHILD_THROW;
  const { usual } = byChild ? TIMINGS.childThrow : TIMINGS.presenterThrow;
  return [byChild ? 'childThrowSeconds' : 'throwSeconds', seconds / usual];
}

/** Reps that were tapped. */
function ofTaps(
  { cue: { kind, counts = 0, move }, seconds }: Stay,
  { leading }: Run,
  usual: (move: string) => number | null,
): Told | null {
  if (kind !== 'work' || leading.counts !== 'taps' || counts < FEWEST_COUNTS) return null;
  const each = move === undefined ? null : usual(move);
  return each === null ? null : [`${REP}${move!}`, seconds / counts / each];
}

/**
 * Whether a cue is as long as a move without written words is shown, at so many times of the usual: not as
 * long as somebody talks, gets there or does it in full.
 */
export function isPlainShowing(
  { kind, lengthSeconds }: Pick<PlannedCue, 'kind' | 'lengthSeconds'>,
  showTimes: number,
): boolean {
  const usual = TIMINGS.showUnwritten.usual * showTimes;
  return kind === 'show' && Math.abs(lengthSeconds - usual) < 0.01;
}

/** A move that was shown, and waited for the leader. */
function ofShowing({ cue, seconds }: Stay, { leading, showTimes = 1 }: Run): Told | null {
  const isTold = leading.lines === 'wait for me' && isPlainShowing(cue, showTimes);
  return isTold ? ['showTimes', seconds / TIMINGS.showUnwritten.usual] : null;
}

/** What a recording told, as times of the usual. */
function ofReview(
  { pace }: NonNullable<Run['review']>,
  usual: (move: string) => number | null,
): readonly Told[] {
  const { wordsPerMinute, changeSeconds, showTimes, throwSeconds, childThrowSeconds } = pace;
  const told: Told[] = [];
  const tell = (key: PaceKey, value: number | null, of: number) => {
    if (value !== null) told.push([key, value / of]);
  };
  tell('wordsPerMinute', wordsPerMinute, TIMINGS.wordsPerMinute.usual);
  tell('throwSeconds', throwSeconds, TIMINGS.presenterThrow.usual);
  tell('childThrowSeconds', childThrowSeconds, TIMINGS.childThrow.usual);
  tell('changeSeconds', changeSeconds, TIMINGS.changeOver.usual);
  tell('showTimes', showTimes, 1);
  // Without the rest nobody knows what is left for uncounted moves.
  if (changeSeconds !== null) tell('allReps', pace.allReps, 1);
  for (const [move, seconds] of Object.entries(pace.secondsPerRep)) {
    const each = usual(move);
    if (each !== null) tell(`${REP}${move}`, seconds, each);
  }
  return told;
}

function firstOf(stay: Stay, run: Run, usual: (move: string) => number | null): Told | null {
  return (
    ofLine(stay, run) ?? ofShowing(stay, run) ?? ofThrow(stay, run) ?? ofTaps(stay, run, usual)
  );
}

/** What visits on the Stage tell. */
function ofVisits(run: Run, usual: (move: string) => number | null): readonly Told[] {
  const plan = new Map(run.plan.map((cue) => [cue.id, cue]));
  return run.leading.visits.flatMap(({ cueId, lengthSeconds, cutShort }) => {
    const cue = plan.get(cueId);
    if (!cue || cutShort) return [];
    const stay = { cue, seconds: lengthSeconds };
    const told = firstOf(stay, run, usual);
    return told ? [told] : [];
  });
}

/**
 * What a session tells of its leader's pace, one sighting for each thing. A rehearsal that was sped up
 * tells nothing; on the Stage only what the leader ended does: a line that waited, reps that were tapped, a
 * throw that was typed, a move that was shown.
 */
export function sightingsOf(run: Run, book: MoveBook): readonly Sighting[] {
  if (run.speed !== 1) return [];
  const ages = run.ages ?? { from: 5, to: 5 };
  const usual = (move: string) => usualRep(book, move, ages);
  const found = new Map<PaceKey, number[]>();
  for (const [key, times] of run.review ? ofReview(run.review, usual) : ofVisits(run, usual)) {
    if (times < SANE.least || times > SANE.most) continue;
    const list = found.get(key);
    if (list) list.push(times);
    else found.set(key, [times]);
  }
  return [...found].map(([key, values]) => ({ key, times: median(values), seen: values.length }));
}
