import { BREATHER_SECONDS, inChunks, isCounted, type Dose } from '../model/dose';
import type { SumRule } from '../model/chance';
import { diceWays } from '../devices/die';
import type { Random } from './random';

/** `value x times + plus`, within floor and ceiling. */
export function amountOf(rule: SumRule, value: number): number {
  return Math.min(rule.most, Math.max(rule.least, value * rule.times + rule.plus));
}

/** The dose with an amount that was drawn: reps and steps in chunks, times in one go. */
export function doseWith(dose: Dose, amount: number): Dose {
  const amounts = isCounted(dose.unit) ? inChunks(amount) : [amount];
  const restSeconds = amounts.length > 1 ? BREATHER_SECONDS : dose.restSeconds;
  return { ...dose, amounts, asked: null, restSeconds };
}

/** A total of dice by chance. */
export function rollDice(sides: number, dice: number, random: Random): number {
  let total = 0;
  for (let n = 0; n < dice; n += 1) total += random.whole(1, sides);
  return total;
}

/** The amounts that can come and how likely each is, given the outcome's value; sums to one. */
export function amountOdds(rule: SumRule, value: number | null): ReadonlyMap<number, number> {
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
