import { typedStation } from '../language/dosed';
import {
  bareStation,
  readNamed,
  type LineTools,
  type ReadStation,
  type Unread,
} from '../language/part-reader';
import { doseIn } from '../language/words-of';
import { AS_LED } from '../model/led';
import { inSeconds } from '../words/clock';
import { numberRead } from '../words/numbers';
import type { LineFile } from './beat-file';
import type { Relay } from './relay-schema';
import { endInWords, inTurns } from './relay-words';

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

/** What ends it, and what happens if one is missed; and the rest of the words. */
function readEnd(text: string) {
  const [all = '', amount, unit] = LIMIT.exec(text) ?? [];
  const limit = amount === undefined ? null : numberRead(inSeconds(amount, unit));
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
    things: numberRead(things),
    metres: numberRead(Number(metres ?? USUAL_METRES)),
    atOnce: turns.atOnce,
    ...end,
    travel,
  };
}

/** A relay as it is typed. */
export const relayLine: LineFile<Relay, RelayReading> = {
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
};
