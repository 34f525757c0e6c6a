import {
  capital,
  drawOf,
  isCountedWork,
  momentOf,
  roundWordOf,
  stillToCome,
  turnAt,
  type Adventure,
  type Beat,
  type Change,
  type Cue,
  type Move,
  type Pace,
  type ResolvedDraw,
  type Schedule,
} from '$core';
import { CHANGE_WORDS } from './adapt-words';
import { figureOfCue } from './cue-figure';
import { cueWords, nextWords, sideOf } from './cue-words';
import type { Shown } from './companions';

/** A session at one of its cues, as far as it is shown: led on the Stage, or told by the film's clock. */
export type Led = Readonly<{
  adventure: Adventure;
  schedule: Pick<Schedule, 'cues'>;
  index: number;
  cue: Cue | null;
  beat: Beat | null;
  draws: readonly ResolvedDraw[];
  drawn: ResolvedDraw | null;
  changes: readonly Pick<Change, 'what'>[];
}>;

/** What moves within a cue. */
export type LedNow = Readonly<{
  status: Shown['status'] | 'ready' | 'done';
  count: number | null;
  share: number;
  into: number;
  saying: string;
}>;

/** What the children do while somebody speaks. */
function listening(beat: Beat | null): string {
  if (beat?.kind !== 'tell') return 'Listen';
  if (beat.to) return 'One moment';
  return beat.acted ? 'Act it out!' : 'Listen';
}

/** Moments in which there is no move to look at. */
const WITHOUT_FIGURE: ReadonlySet<Shown['moment']> = new Set([
  'say',
  'ask',
  'goodbye',
  'drink',
  'sum',
]);

/** What comes next, as it is told on every screen; a draw that is still secret stays so. */
function nextOf({ adventure, schedule, index }: Led): string {
  const isSecret = (coming: Cue) => {
    const beat = drawOf(adventure, coming)?.beat;
    return beat !== undefined && beat.drawn === 'live' && beat.rules.returns !== 'in order';
  };
  return nextWords(schedule.cues, index, isSecret);
}

/** How many entries are still to come; a throw that still falls doesn't count yet. */
function leftOf({ adventure, draws }: Led, cue: Cue): number | null {
  const at = drawOf(adventure, cue);
  return at && stillToCome(at.beat, draws, at.nth + (cue.kind === 'draw' ? 0 : 1));
}

/** What of it stays as it is for as long as a cue lasts: worked out once a cue, not once a frame. */
export type ShownStill = Omit<Shown, 'status' | 'said' | 'elapsed' | 'count' | 'share'> &
  Readonly<{ inStep: boolean }>;

/** What every screen shows of the present cue, but for what moves; null where there is none. */
export function stillOf(session: Led, move: Move | null, pace: Pace): ShownStill | null {
  const { adventure, beat, cue, drawn, index, schedule } = session;
  if (!cue) return null;
  const { doing, kind } = cue;
  const chapter = adventure.chapters.find(({ id }) => id === cue.chapterId)?.kind ?? null;
  const moment = momentOf(cue, chapter, drawn !== null);
  const { held, flip, secondsPerRep, inStep } = figureOfCue(cue, move, adventure.setting, pace);
  const spoken = kind === 'say' || kind === 'ask';
  const drawing = WITHOUT_FIGURE.has(moment) ? null : doing;
  return {
    type: 'shown',
    cueId: cue.id,
    kind,
    moment,
    main: spoken ? listening(beat) : capital(cueWords(cue, move).main),
    next: nextOf(session),
    move: drawing?.move ?? null,
    also: [...(drawing?.also ?? [])],
    held,
    flip,
    secondsPerRep,
    inStep,
    of: isCountedWork(cue) ? doing!.amount : null,
    side: sideOf(cue),
    set: doing && doing.set.of > 1 ? doing.set : null,
    go: doing && doing.go.of > 1 ? doing.go : null,
    round: doing && doing.round.of > 1 ? doing.round : null,
    left: leftOf(session, cue),
    roundWord: beat ? roundWordOf(beat) : 'Round',
    turn: turnAt(adventure, schedule.cues, index),
    draw: drawn && beat ? { ...drawn, beatId: beat.id } : null,
    changes: session.changes.map(({ what }) => ({ what, label: CHANGE_WORDS[what].label })),
  };
}

/** The whole of it, now; null while nothing is led. */
export function shownOf(
  { count, share, into, saying, status }: LedNow,
  still: ShownStill | null,
): Shown | null {
  if (!still || status === 'ready' || status === 'done') return null;
  const { inStep, ...shown } = still;
  return { ...shown, status, said: saying, elapsed: inStep ? into : null, count, share };
}
