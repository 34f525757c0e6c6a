import { z } from 'zod';
import { secondsPerRep, type Pace } from '../cues/pace';
import type { Score } from '../cues/score';
import { addWork, doingOf, workInTempo } from '../cues/work';
import { STEP_METRES } from '../cues/timing';
import { typedStation } from '../language/dosed';
import {
  bareStation,
  readNamed,
  type LineTools,
  type ReadStation,
  type Unread,
} from '../language/part-reader';
import { doseIn } from '../language/words-of';
import { stationSchema } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { AS_LED } from '../model/led';
import { childrenIn, type Setting } from '../model/setting';
import { lineSchema } from '../model/text';
import { calledIn, moveOf, type MoveBook } from '../moves/move-book';
import { fetchSums, type FetchSums } from '../room/fetch';
import { inSeconds } from '../words/clock';
import { within } from '../words/numbers';
import { singular } from '../words/singular';
import { ledBase } from './beat-base';
import { PLAIN, shortened, saidTo, type BeatFile, type Way } from './beat-file';
import { EMPTY_ROW, partRow } from './sheet-row';

const MOST_THINGS = 200;
const METRES = { least: 1, most: 60 } as const;
const LIMIT_SECONDS = { least: 5, most: 600 } as const;

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
  /** By the clock: it ends then, all there or not; null until all are there. */
  limitSeconds: z.int().min(LIMIT_SECONDS.least).max(LIMIT_SECONDS.most).nullable(),
  /** Start over if one is missed, or dropped. */
  startOver: z.boolean(),
});
export type Relay = DeepReadonly<z.infer<typeof schema>>;

export type RelayReading = Readonly<{
  kind: 'relay';
  thing: string;
  things: number;
  metres: number;
  atOnce: number | null;
  limitSeconds: number | null;
  startOver: boolean;
  travel: ReadStation;
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

const LIMIT = /,?\s*\b(?:in|for|within )?\s*\b(\d+)\s*(s|secs?|seconds?|min|minutes?)\b/iu;
const START_OVER =
  /,?\s*\bstart(?:ing)? (?:over|again)(?: if (?:one|any)(?: is|’s|'s) (?:missed|missing|dropped|left))?/iu;

const START_OVER_WORDS = 'start over if one is missed';

/** What ends it, and what happens if one is missed; and the rest of the words. */
function readEnd(text: string) {
  const [all = '', amount, unit] = LIMIT.exec(text) ?? [];
  const limit = amount === undefined ? null : within(inSeconds(amount, unit), LIMIT_SECONDS);
  const left = text.replace(START_OVER, '').replace(all, '');
  return { end: { limitSeconds: limit, startOver: START_OVER.test(text) }, left };
}

/**
 * `relay 24 bean bags 6 m, 4 at a time: bear walk as the carriers`, `sort 12 socks 4 m, in 60 s, start
 * over if one is missed: giant steps`.
 */
function read(line: string, tools: LineTools): RelayReading | Unread | null {
  const match = /^(relay|fetch|sort|carry)\b(.*?):\s*(.+)$/iu.exec(line);
  if (!match) return null;
  const [, opener, typed, way] = match as unknown as readonly [string, string, string, string];
  const { end, left: said } = readEnd(typed);
  const turns = readTurns(said);
  const [, count = '', thing = '', metres] = HEAD.exec(said.replace(AT_ONCE, '')) ?? [];
  const things = numberIn(count);
  // "Fetch the letters: …" is told to them, for nobody says how many.
  if (things === null && opener.toLowerCase() !== 'relay') return null;
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
    ...end,
    travel,
  };
}

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

const inTurns = (atOnce: number | null) => {
  if (atOnce === null) return 'all at once';
  return atOnce === 1 ? 'one by one' : `${atOnce} at a time`;
};

/** ", in 60 s, start over if one is missed". */
const endInWords = ({ limitSeconds, startOver }: Pick<Relay, 'limitSeconds' | 'startOver'>) =>
  (limitSeconds === null ? '' : `, in ${limitSeconds} s`) +
  (startOver ? `, ${START_OVER_WORDS}` : '');

/** Fewer or more things, by quarters; at least one. Our own judgement. */
const SHARES = [0.5, 0.75, 1.25, 1.5];

export const relay: BeatFile<Relay, RelayReading> = {
  ...PLAIN,
  schema,
  parts: ({ travel }) => [{ part: travel, path: ['travel'] }],
  changeParts: (beat, change) => ({ ...beat, travel: change(beat.travel) }),
  spoken: ({ say, travel }) => [say, ...saidTo(travel)],
  label: ({ thing, travel }, book) => shortened(`Relay: ${thing || calledIn(book, travel)}`),
  inWords: (beat) =>
    `${beat.things} ${beat.thing || 'things'}, ${beat.metres} m there and back, ${inTurns(beat.atOnce)}${endInWords(beat)}`,

  read,
  make: ({ thing, things, metres, atOnce, limitSeconds, startOver, travel }, { newId }) => ({
    kind: 'relay',
    id: newId('bt'),
    say: '',
    thing,
    things,
    metres,
    atOnce,
    limitSeconds,
    startOver,
    travel: { id: newId('st'), ...bareStation(travel) },
    ...AS_LED,
  }),
  readBack: ({ thing, things, metres, atOnce, travel: { move, guise }, ...end }) => {
    const way = guise.name ? `${guise.name} (${move.name})` : move.name;
    return `A relay: ${things} ${thing}, one at a time, ${metres} m there and back, ${inTurns(atOnce)}${endInWords(end)}; ${way}`;
  },
  line: ({ thing, things, metres, atOnce, travel, ...end }, book) =>
    `relay ${things} ${thing || 'things'} ${metres} m, ${inTurns(atOnce)}${endInWords(end)}: ${typedStation(book, travel)}`,

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
