import { z } from 'zod';
import { secondsPerRep, type Pace } from '../cues/pace';
import type { Score } from '../cues/score';
import { addWork, doingOf, workInTempo } from '../cues/work';
import { STEP_METRES } from '../cues/timing';
import { typedStation } from '../language/dosed';
import { doseIn, readNamed, type LineTools, type Unread } from '../language/part-reader';
import { stationSchema, type Guise } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { AS_LED } from '../model/led';
import type { Move } from '../model/move';
import { childrenIn, type Setting } from '../model/setting';
import { lineSchema } from '../model/text';
import { calledIn, moveIn, type MoveBook } from '../moves/move-book';
import { fetchSums } from '../room/fetch';
import { within } from '../words/numbers';
import { singular } from '../words/singular';
import { ledBase } from './beat-base';
import { PLAIN, shortened, saidTo, type BeatFile, type Way } from './beat-file';
import { EMPTY_ROW, partRow } from './sheet-row';

const MOST_THINGS = 200;
const METRES = { least: 1, most: 60 } as const;

/**
 * Things are fetched, or sorted, one at a time until all of them are there: so many, over so many
 * metres, all children at once or so many at a time (`atOnce`), by a set way of travelling.
 */
const schema = z.strictObject({
  ...ledBase('relay'),
  say: lineSchema,
  thing: z.string().max(60),
  things: z.int().min(1).max(MOST_THINGS),
  metres: z.number().min(METRES.least).max(METRES.most),
  /** How many children are on their way at a time; null for all of the group. */
  atOnce: z.int().min(1).max(60).nullable(),
  travel: stationSchema,
});
export type Relay = DeepReadonly<z.infer<typeof schema>>;

export type RelayReading = Readonly<{
  kind: 'relay';
  thing: string;
  things: number;
  metres: number;
  atOnce: number | null;
  move: Move;
  guise: Guise;
}>;

const USUAL_METRES = 5;
const AT_ONCE = /,?\s*\b(?:(\S+) at a time|(one by one)|all at once)\b/iu;
const HEAD = /^\s*(\S+)\s+(.+?)(?:[\s,]+(\d+(?:\.\d)?)\s*(?:m|metres?|meters?))?[\s,]*$/iu;

const numberIn = (text: string) => doseIn(text).openAmounts?.[0] ?? null;

/** "4 at a time": how many children, null for all; and the words where that is no number. */
function readTurns(text: string): Readonly<{ atOnce: number | null; unread: string[] }> {
  const [all, some, one] = AT_ONCE.exec(text) ?? [];
  if (one) return { atOnce: 1, unread: [] };
  const atOnce = some === undefined ? null : numberIn(some);
  return {
    atOnce,
    unread: some !== undefined && atOnce === null ? [all!.replace(/^[,\s]+/u, '')] : [],
  };
}

/** `relay 24 bean bags 6 m, 4 at a time: bear walk as the carriers`. */
function read(line: string, tools: LineTools): RelayReading | Unread | null {
  const match = /^relay\b(.*?):\s*(.+)$/iu.exec(line);
  if (!match) return null;
  const [, said, way] = match as unknown as readonly [string, string, string];
  const turns = readTurns(said);
  const [, count = '', thing = '', metres] = HEAD.exec(said.replace(AT_ONCE, '')) ?? [];
  const things = numberIn(count);
  const travel = readNamed(way, tools);
  if (things === null || travel === null || turns.unread.length > 0) {
    const head = things === null ? [said.trim()] : [];
    return { unread: [...head, ...turns.unread, ...(travel ? [] : [way])] };
  }
  return {
    kind: 'relay',
    thing: thing.slice(0, 60),
    things: within(things, { least: 1, most: MOST_THINGS }),
    metres: within(Number(metres ?? USUAL_METRES), METRES),
    atOnce: turns.atOnce,
    ...travel,
  };
}

/** Who travels, and how fast. */
type Travellers = Readonly<{ setting: Setting; pace: Pace; book: MoveBook }>;

/** How long all of it takes, in seconds, as the sums of fetching have it. */
export function relaySeconds(beat: Relay, { setting, pace, book }: Travellers): number {
  const move = moveIn(book, beat.travel.move);
  const group = childrenIn(setting);
  const metresPerSecond =
    (move.metresPerRep || STEP_METRES) / secondsPerRep(move, setting.ages, pace);
  return fetchSums({
    children: Math.min(group, beat.atOnce ?? group),
    things: beat.things,
    metres: beat.metres,
    seconds: 0,
    metresPerSecond,
  }).secondsNeeded;
}

/** The line, the way of travelling shown, and one stretch of work that counts the things home. */
function cues(beat: Relay, score: Score): void {
  score.say(beat.say);
  const { travel, things } = beat;
  const move = score.move(travel);
  const seconds = relaySeconds(beat, score);
  const counted = { unit: 'reps', amount: things, secondsPerCount: seconds / things } as const;
  const doing = doingOf(score, travel, counted);
  const shown = score.how.show !== 'none' && score.isNew(travel);
  score.leadIn(travel, doing, { line: score.lineBefore(travel), shown });
  score.countIn(doing);
  const from = score.cues.length;
  addWork(score, workInTempo(move, seconds, score.secondsPerRep(move)), doing);
  score.sayMeanwhile(score.wordsDuring(travel), from, doing);
}

const inTurns = (atOnce: number | null) => {
  if (atOnce === null) return 'all at once';
  return atOnce === 1 ? 'one by one' : `${atOnce} at a time`;
};

/** Fewer or more things, by quarters; at least one. Our own judgement. */
const SHARES = [0.5, 0.75, 1.25, 1.5];

export const relay: BeatFile<Relay, RelayReading> = {
  ...PLAIN,
  schema,
  parts: ({ travel }) => [{ part: travel, path: ['travel'] }],
  changeParts: (beat, change) => ({ ...beat, travel: change(beat.travel) }),
  spoken: ({ say, travel }) => [say, ...saidTo(travel)],
  label: ({ thing, travel }, book) => shortened(`Relay: ${thing || calledIn(book, travel)}`),
  inWords: ({ things, thing, metres, atOnce }) =>
    `${things} ${thing || 'things'}, ${metres} m there and back, ${inTurns(atOnce)}`,

  read,
  make: ({ thing, things, metres, atOnce, move, guise }, { newId }) => ({
    kind: 'relay',
    id: newId('bt'),
    say: '',
    thing,
    things,
    metres,
    atOnce,
    travel: { id: newId('st'), move: move.id, guise },
    ...AS_LED,
  }),
  readBack: ({ thing, things, metres, atOnce, move, guise }) => {
    const way = guise.name ? `${guise.name} (${move.name})` : move.name;
    return `A relay: ${things} ${thing}, one at a time, ${metres} m there and back, ${inTurns(atOnce)}; ${way}`;
  },
  line: ({ thing, things, metres, atOnce, travel }, book) =>
    `relay ${things} ${thing || 'things'} ${metres} m, ${inTurns(atOnce)}: ${typedStation(book, travel)}`,

  roundWord: 'Relay',
  cues,
  rows: (beat, book) => [
    { ...EMPTY_ROW, say: beat.say, name: 'Relay', dose: relay.inWords(beat) },
    partRow(book, beat.travel, 'there and back'),
  ],
  kit: ({ thing, things }) => (thing ? [{ thing: singular(thing), count: things }] : []),
  ways: (beat) =>
    SHARES.map((share): Way<Relay> => {
      const things = Math.min(MOST_THINGS, Math.max(1, Math.round(beat.things * share)));
      return [{ ...beat, things }, Math.abs(share - 1)];
    }),
  forAges: (beat, { part }) => ({ ...beat, travel: part(beat.travel) }),
};
