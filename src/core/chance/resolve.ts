import type { DrawSetup } from './setup';
import { isSum } from '../model/chance';
import { amountOf, rollDice } from './amount';
import type { Drawn, ResolvedDraw } from '../model/resolved-draw';
import { Drawing } from './machine';
import { urnOf } from './urn';
import type { Random } from './random';

/** What was read off a real device: the outcome, the number of a number die, or both. */
export type TypedOutcome = Readonly<{ outcome: number | null; number: number | null }>;

/** Seconds that doing a draw takes; needed only where draws stop after a time. */
export type SecondsOf = (draw: ResolvedDraw) => number;

/**
 * Seconds of travelling before a draw, the `nth` of `of` from 0: by chance within the range, or, where
 * it tightens, from the longest to the shortest with a fifth of the range to and fro.
 */
export function betweenSecondsOf(beat: DrawSetup, nth: number, random: Random): number {
  const { between, stop } = beat.rules;
  if (!between) return 0;
  const { leastSeconds, mostSeconds, tightens } = between;
  if (!tightens) return random.whole(leastSeconds, mostSeconds);
  const range = mostSeconds - leastSeconds;
  // A stop by time has no last draw to be known: it is at its tightest after as many as entries twice.
  const of =
    stop.after === 'draws'
      ? stop.draws
      : stop.after === 'all seen'
        ? stop.most
        : 2 * beat.entries.length;
  const along = of > 1 ? Math.min(1, nth / (of - 1)) : 1;
  const jitter = (random.share() - 0.5) * 0.4 * range;
  return Math.min(
    mostSeconds,
    Math.max(leastSeconds, Math.round(mostSeconds - along * range + jitter)),
  );
}

/** What chance, or whoever typed it, says besides: the number of the amount, and the travelling before. */
function numbersOf(
  beat: DrawSetup,
  value: number | null,
  nth: number,
  typed: number | null,
  random: Random,
): Pick<ResolvedDraw, 'number' | 'amount' | 'betweenSeconds'> {
  const { amount } = beat;
  // Chance is asked in the same order whatever was typed: the rest of the draws stays as it was.
  const rolled = amount.from === 'number die' ? rollDice(amount.sides, amount.dice, random) : value;
  const betweenSeconds = betweenSecondsOf(beat, nth, random);
  const number = isSum(amount) ? (typed ?? rolled) : null;
  const amountDrawn = !isSum(amount) || number === null ? null : amountOf(amount, number);
  return { number, amount: amountDrawn, betweenSeconds };
}

/** What the drawing has just drawn comes for the first time in its beat: it is told in full. */
export const isFirstOf = (drawing: Drawing, { entry, standIn }: Drawn): boolean =>
  standIn ? drawing.standIns === 1 : drawing.countOf(entry) === 1;

/** One more draw; null when it is over. Its seconds are added to the drawing. */
export function drawNext(
  beat: DrawSetup,
  drawing: Drawing,
  random: Random,
  secondsOf: SecondsOf,
  typed: TypedOutcome | null = null,
): ResolvedDraw | null {
  if (drawing.isOver) return null;
  const nth = drawing.drawn;
  const chosen = drawing.pick(random);
  const drawn = drawing.take(typed?.outcome ?? chosen) ?? drawing.take(chosen);
  if (!drawn) throw new RangeError('drawNext: what was picked is not allowed');
  const isFirst = isFirstOf(drawing, drawn);
  const numbers = numbersOf(beat, drawn.value, nth, typed?.number ?? null, random);
  const draw = { ...drawn, ...numbers, isFirst };
  drawing.seconds += secondsOf(draw);
  return draw;
}

/**
 * Every draw of a beat, in order, by its rules. A beat that cannot be drawn from has none. The same
 * randomness gives the same draws; `typed` outcomes take the place of chance, the n-th at the
 * n-th draw, and one that does not count by the rules is passed over.
 */
export function resolveBeat(
  beat: DrawSetup,
  random: Random,
  secondsOf: SecondsOf = () => 0,
  typed: readonly (TypedOutcome | null)[] = [],
): readonly ResolvedDraw[] {
  const urn = urnOf(beat);
  if (!urn.ok) return [];
  const drawing = new Drawing(urn.value);
  const draws: ResolvedDraw[] = [];
  // A stop by time with draws that take none would never end.
  const most = beat.rules.stop.after === 'seconds' ? 1000 : Infinity;
  while (draws.length < most) {
    const next = drawNext(beat, drawing, random, secondsOf, typed[draws.length] ?? null);
    if (!next) break;
    draws.push(next);
  }
  return draws;
}

/** Whether an outcome would count as the draw after `before`, or has to be thrown again. */
export function counts(beat: DrawSetup, before: readonly ResolvedDraw[], outcome: number): boolean {
  const urn = urnOf(beat);
  if (!urn.ok) return false;
  const drawing = new Drawing(urn.value);
  for (const draw of before) drawing.take(draw.outcome);
  return drawing.take(outcome) !== null;
}
