import type { Dose } from '../model/dose';
import type { AmountRule } from '../model/chance';
import { diceWays } from './pot';
import type { Random } from './random';

/** Counts past this are done in chunks of ten with a breather. Common practice. */
const CHUNK_AFTER = 20;
const CHUNK = 10;
/** The breather between chunks, in seconds. Our own judgement. */
export const BREATHER_SECONDS = 5;

/** `value x times + plus`, within floor and ceiling. */
export function amountOf(rule: Exclude<AmountRule, { from: 'dose' }>, value: number): number {
  return Math.min(rule.most, Math.max(rule.least, value * rule.times + rule.plus));
}

/** 24 as 10 + 10 + 4; up to 20 in one go. */
export function inChunks(amount: number): readonly number[] {
  if (amount <= CHUNK_AFTER) return [amount];
  const tens = Array.from({ length: Math.floor(amount / CHUNK) }, () => CHUNK);
  return amount % CHUNK > 0 ? [...tens, amount % CHUNK] : tens;
}

/** The dose with an amount that was drawn: reps and steps in chunks, times in one go. */
export function doseWith(dose: Dose, amount: number): Dose {
  const counted = dose.unit === 'reps' || dose.unit === 'steps';
  const amounts = counted ? inChunks(amount) : [amount];
  const restSeconds = amounts.length > 1 ? BREATHER_SECONDS : dose.restSeconds;
  return { ...dose, amounts, restSeconds };
}

/** A total of dice by chance. */
export function rollDice(sides: number, dice: number, random: Random): number {
  return Array.from({ length: dice }, () => random.whole(1, sides)).reduce((a, b) => a + b, 0);
}

/** The amounts that can come and how likely each is, given the outcome's value; sums to one. */
export function amountOdds(
  rule: Exclude<AmountRule, { from: 'dose' }>,
  value: number | null,
): ReadonlyMap<number, number> {
  if (rule.from === 'outcome') return new Map([[amountOf(rule, value ?? 0), 1]]);
  const ways = diceWays(rule.sides, rule.dice);
  const all = rule.sides ** rule.dice;
  const odds = new Map<number, number>();
  ways.forEach((count, total) => {
    if (count === 0) return;
    const amount = amountOf(rule, total);
    odds.set(amount, (odds.get(amount) ?? 0) + count / all);
  });
  return odds;
}
