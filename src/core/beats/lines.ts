import { howAsTyped, pointsAsTyped, type HowSaid } from '../language/how-reader';
import { AS_LED } from '../model/led';
import { idsInOrder } from '../model/new-id';
import type { MoveBook } from '../moves/move-book';
import { isLed, splitWords, usualHowOf, type Beat, type BeatKind } from '.';
import type { LineFile, Making } from './beat-file';
import { bounded, type Held } from './bounded';
import { chainLine } from './chain-line';
import { circuitLine } from './circuit-line';
import { drawLine } from './draw-line';
import { drinkLine } from './drink';
import { echoLine } from './echo-line';
import { moveLine } from './move-line';
import { relayLine } from './relay-line';
import { setupLine } from './setup';
import { tellLine } from './tell';

/** How each kind of beat is typed, one line each. Apart from the beats, for a reader of lines is large. */
export const LINES = {
  drink: drinkLine,
  setup: setupLine,
  circuit: circuitLine,
  draw: drawLine,
  chain: chainLine,
  echo: echoLine,
  relay: relayLine,
  move: moveLine,
  tell: tellLine,
} as const satisfies Readonly<Record<BeatKind, unknown>>;

type ReadingIn<File> = File extends { readonly make: (reading: infer R, making: Making) => unknown }
  ? R
  : never;
/** What a typed line says of a beat, by its kind. */
export type BeatReading = { [Kind in BeatKind]: ReadingIn<(typeof LINES)[Kind]> }[BeatKind] &
  Readonly<{ how?: HowSaid }>;

function lineFileOf<B extends Beat>(beat: B): LineFile<B, never> {
  // The record pairs each kind with its own file: the compiler can't follow that through an index.
  return LINES[beat.kind] as unknown as LineFile<B, never>;
}

/**
 * A beat as the line that a presenter would type for it, so that a script can be written out, changed
 * by hand and read again. What a line has no words for is left out: weights of sectors. Null for what
 * is not a line: something to say.
 */
export function lineOfBeat(beat: Beat, book: MoveBook): string | null {
  const line = lineFileOf(beat).line(beat, book);
  if (line === null || !isLed(beat)) return line;
  const how = howAsTyped(beat, usualHowOf(beat));
  return [...how, ...pointsAsTyped(beat.points), line].join(', ');
}

const fileOfReading = ({ kind }: BeatReading) =>
  LINES[kind] as unknown as LineFile<Beat, BeatReading>;

function madeOf(reading: BeatReading, making: Making): readonly Beat[] {
  return splitWords({ ...fileOfReading(reading).make(reading, making), ...reading.how }, making);
}

/**
 * The beats that a reading asks for: one, and what is said before or after it where it is long. All of
 * them are what a file may hold; none where `limitsOf` says that it is too much.
 */
export function beatsOfReading(reading: BeatReading, making: Making): readonly Beat[] {
  return madeOf(reading, making).flatMap((beat) => bounded(beat).beat ?? []);
}

type Limits = Readonly<{ held: readonly Held[]; most: number | null }>;
/** Asked for as a line is read and again as it is told: worked out once for each reading. */
const known = new WeakMap<BeatReading, Limits>();

/** What a reading asks for beyond what a file may hold; `most` where nothing can be made of it. */
export function limitsOf(reading: BeatReading): Limits {
  const before = known.get(reading);
  if (before) return before;
  const all = madeOf(reading, { newId: idsInOrder('l'), seed: 1 }).map(bounded);
  const whole = all.every(({ beat }) => beat !== null);
  const limits = {
    held: whole ? all.flatMap(({ held }) => held) : [],
    most: whole ? null : Math.max(...all.map(({ most }) => most ?? 0)),
  };
  known.set(reading, limits);
  return limits;
}

/** What was understood of a typed beat, in words. */
export function beatReadBack(reading: BeatReading): string {
  const how = howAsTyped({ ...AS_LED, ...reading.how });
  const points = pointsAsTyped(reading.how?.points);
  return [fileOfReading(reading).readBack(reading), ...how, ...points].join('; ');
}

/** A beat as a line that is only said: what is said to it already, or the line that one would type for it. */
export function saidInstead(beat: Beat, book: MoveBook): string {
  if (beat.kind === 'tell') return beat.text;
  const lines = beat.kind === 'move' ? beat.actions.map(({ guise }) => guise.line.trim()) : [];
  const said = lines.filter(Boolean).join(' ') || ('say' in beat ? beat.say.trim() : '');
  return said || (lineOfBeat(beat, book) ?? '');
}
