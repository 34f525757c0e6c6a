import type { Draw } from '../model/beat';
import { amountOf, rollDice } from './amount';
import { isOver, pickOutcome, startDrawing, take, type DrawState, type Drawn } from './machine';
import { potOf, type Pot } from './pot';
import type { Random } from './random';

/** A draw with everything that chance has a say in. */
export type ResolvedDraw = Drawn &
  Readonly<{
    /** The number that the amount was made of (pips, rank, number die), and the amount. */
    number: number | null;
    amount: number | null;
    /** Seconds of travelling before it; 0 for none. */
    betweenSeconds: number;
  }>;

/** What was read off a real device: the outcome, the number of a number die, or both. */
export type TypedOutcome = Readonly<{ outcome: number | null; number: number | null }>;

/** Seconds that doing a draw takes; needed only where draws stop after a time. */
export type SecondsOf = (draw: ResolvedDraw) => number;

function complete(beat: Draw, drawn: Drawn, typed: number | null, random: Random): ResolvedDraw {
  const { amount, rules } = beat;
  const { between } = rules;
  // Chance is asked in the same order whatever was typed: the rest of the draws stays as it was.
  const rolled =
    amount.from === 'number die' ? rollDice(amount.sides, amount.dice, random) : drawn.value;
  const betweenSeconds = between ? random.whole(between.leastSeconds, between.mostSeconds) : 0;
  const number = amount.from === 'dose' ? null : (typed ?? rolled);
  const amountDrawn = amount.from === 'dose' || number === null ? null : amountOf(amount, number);
  return { ...drawn, number, amount: amountDrawn, betweenSeconds };
}

/** One more draw: the state after it, and the draw. Null when it is over. */
export function drawNext(
  beat: Draw,
  pot: Pot,
  state: DrawState,
  random: Random,
  secondsOf: SecondsOf,
  typed: TypedOutcome | null = null,
): readonly [DrawState, ResolvedDraw] | null {
  if (isOver(pot, state)) return null;
  const chosen = pickOutcome(pot, state, random);
  let taken = take(pot, state, typed?.outcome ?? chosen);
  if (taken.kind === 'again') taken = take(pot, state, chosen);
  if (taken.kind === 'again') throw new RangeError('drawNext: what was picked is not allowed');
  const draw = complete(beat, taken.drawn, typed?.number ?? null, random);
  const seconds = state.seconds + secondsOf(draw);
  return [{ ...taken.state, seconds }, draw];
}

/**
 * Every draw of a beat, in order, by its rules. A beat that cannot be drawn from has none. The same
 * randomness gives the same draws; `typed` outcomes take the place of chance, the n-th at the
 * n-th draw, and one that does not count by the rules is passed over.
 */
export function resolveBeat(
  beat: Draw,
  random: Random,
  secondsOf: SecondsOf = () => 0,
  typed: readonly (TypedOutcome | null)[] = [],
): readonly ResolvedDraw[] {
  const pot = potOf(beat);
  if (!pot.ok) return [];
  let state = startDrawing(pot.value);
  const draws: ResolvedDraw[] = [];
  // A stop by time with draws that take none would never end.
  const most = beat.rules.stop.after === 'seconds' ? 1000 : Infinity;
  while (draws.length < most) {
    const next = drawNext(beat, pot.value, state, random, secondsOf, typed[draws.length] ?? null);
    if (!next) break;
    state = next[0];
    draws.push(next[1]);
  }
  return draws;
}

/** Whether an outcome would count as the draw after `before`, or has to be thrown again. */
export function counts(beat: Draw, before: readonly ResolvedDraw[], outcome: number): boolean {
  const pot = potOf(beat);
  if (!pot.ok) return false;
  let state = startDrawing(pot.value);
  for (const draw of before) {
    const taken = take(pot.value, state, draw.outcome);
    if (taken.kind === 'drawn') state = taken.state;
  }
  return take(pot.value, state, outcome).kind === 'drawn';
}
