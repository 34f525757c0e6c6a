import { secondsPerRep, type Pace } from '../cues/pace';
import type { Score } from '../cues/score';
import { STEP_METRES } from '../cues/timing';
import { addWork, doingOf, workInTempo } from '../cues/work';
import { childrenIn, type Setting } from '../model/setting';
import { calledIn, moveOf, type MoveBook } from '../moves/move-book';
import { fetchSums, type FetchSums } from '../room/fetch';
import { singularOf } from '../words/plurals';
import { PLAIN, shortened, saidTo, type BeatFile, type Way } from './beat-file';
import { MOST_THINGS, relaySchema, type Relay } from './relay-schema';
import { endInWords, inTurns, START_OVER_WORDS } from './relay-words';
import { EMPTY_ROW, partRow } from './sheet-row';

export type { Relay } from './relay-schema';

/** Who travels, and how fast. */
type Travellers = Readonly<{ setting: Setting; pace: Pace; book: MoveBook }>;

/** The sums of fetching: what it takes, and what is there when its time is over. */
export function relaySums(beat: Relay, { setting, pace, book }: Travellers): FetchSums {
  const move = moveOf(book, beat.travel);
  const group = childrenIn(setting);
  const metresPerSecond =
    (move.metresPerRep || STEP_METRES) / secondsPerRep(move, setting.ages, pace);
  return fetchSums({
    children: Math.min(group, beat.atOnce ?? group),
    things: beat.things,
    metres: beat.metres,
    seconds: beat.limitSeconds ?? 0,
    metresPerSecond,
  });
}

/** How long it takes, in seconds, and how many things are there then. */
function relayWork(beat: Relay, score: Score): Readonly<{ seconds: number; there: number }> {
  const { secondsNeeded, brought } = relaySums(beat, score);
  const { limitSeconds, things } = beat;
  return limitSeconds !== null && limitSeconds < secondsNeeded
    ? { seconds: limitSeconds, there: Math.max(1, brought) }
    : { seconds: secondsNeeded, there: things };
}

/** The line, the way of travelling shown, and one stretch of work that counts the things home. */
function cues(beat: Relay, score: Score): void {
  score.say(beat.say);
  const { travel } = beat;
  const move = score.move(travel);
  const { seconds, there } = relayWork(beat, score);
  const counted = { unit: 'reps', amount: there, secondsPerCount: seconds / there } as const;
  const note = [travel.guise.note, beat.startOver ? START_OVER_WORDS : '']
    .filter(Boolean)
    .join(', ');
  const doing = { ...doingOf(score, travel, counted), note };
  const shown = score.how.show !== 'none' && score.isNew(travel);
  score.leadIn(travel, doing, { line: score.lineBefore(travel), shown });
  score.countIn(doing);
  const from = score.cues.length;
  addWork(score, workInTempo(move, seconds, score.secondsPerRep(move)), doing);
  score.sayMeanwhile(score.wordsDuring(travel), from, doing);
}

/** Fewer or more things, by quarters; at least one. Our own judgement. */
const SHARES = [0.5, 0.75, 1.25, 1.5];

export const relay: BeatFile<Relay> = {
  ...PLAIN,
  schema: relaySchema,
  parts: ({ travel }) => [{ part: travel, path: ['travel'] }],
  changeParts: (beat, change) => ({ ...beat, travel: change(beat.travel) }),
  spoken: ({ say, travel }) => [say, ...saidTo(travel)],
  label: ({ thing, travel }, book) => shortened(`Relay: ${thing || calledIn(book, travel)}`),
  inWords: (beat) =>
    `${beat.things} ${beat.thing || 'things'}, ${beat.metres} m there and back, ${inTurns(beat.atOnce)}${endInWords(beat)}`,

  roundWord: 'Relay',
  cues,
  rows: (beat, book) => [
    { ...EMPTY_ROW, say: beat.say, name: 'Relay', dose: relay.inWords(beat) },
    partRow(book, beat.travel, 'there and back'),
  ],
  kit: ({ thing, things }) => (thing ? [{ thing: singularOf(thing), count: things }] : []),
  ways: (beat) =>
    SHARES.map((share): Way<Relay> => {
      const things = Math.min(MOST_THINGS, Math.max(1, Math.round(beat.things * share)));
      return [{ ...beat, things }, Math.abs(share - 1)];
    }),
  forAges: (beat, { part }) => ({ ...beat, travel: part(beat.travel) }),
};
