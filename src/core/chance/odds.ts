import type { Draw } from '../model/beat';
import { isCounted, turnsPerSet } from '../model/dose';
import type { Result } from '../model/problem';
import { amountOdds } from './amount';
import { keptOdds } from './odds-kept';
import type { Distribution, LengthOf, Odds, OddsInput, RepsOf } from './odds-shape';
import { potOdds } from './odds-pot';
import { simulatedOdds } from './odds-simulated';
import { potOf, type Pot } from './pot';
import type { Random } from './random';

/** Mean of a distribution. */
export function meanOf(distribution: Distribution): number {
  return distribution.reduce((sum, chance, value) => sum + chance * value, 0);
}

/** Chance of `least` or more. */
export function chanceOfAtLeast(distribution: Distribution, least: number): number {
  return distribution.slice(Math.max(0, least)).reduce((sum, chance) => sum + chance, 0);
}

/** The smallest value that is not passed with chance `share`, 0 to 1. */
export function quantileOf(distribution: Distribution, share: number): number {
  let sum = 0;
  for (const [value, chance] of distribution.entries()) {
    sum += chance;
    if (sum >= share - 1e-12) return value;
  }
  return distribution.length - 1;
}

/**
 * Chance that one of the entries is done in more than half of the draws. Two cannot both be, so the
 * chances of each add up exactly.
 */
export function chanceToTakeOver({ counts, draws }: Odds): number {
  const half = Math.floor(meanOf(draws) / 2);
  return counts.reduce((sum, distribution) => sum + chanceOfAtLeast(distribution, half + 1), 0);
}

function inputOf(beat: Draw, pot: Pot, random: Random, secondsOf: LengthOf): OddsInput {
  const { amount, entries, rules } = beat;
  const repsWith = ({ dose }: Draw['entries'][number]['action']): RepsOf => {
    const turns = turnsPerSet(dose);
    if (!isCounted(dose.unit)) return () => new Map([[0, 1]]);
    if (amount.from === 'dose') {
      const all = dose.amounts.reduce((sum, one) => sum + one, 0) * turns;
      return () => new Map([[all, 1]]);
    }
    return (_, value) =>
      new Map([...amountOdds(amount, value)].map(([one, chance]) => [one * turns, chance]));
  };
  const byEntry = entries.map(({ action }) => repsWith(action));
  const standIn = rules.standIn ? repsWith(rules.standIn) : null;
  return {
    pot,
    random,
    secondsOf,
    repsOf: (entry, value) => byEntry[entry]!(entry, value),
    standInReps: (entry, value) => (standIn ?? byEntry[entry]!)(entry, value),
  };
}

/**
 * What to expect of a draw beat: exactly, by walking all ways of the state machine at once, where
 * that is small enough; else by playing it `runs` times, with the error bound stated. The problems,
 * where it cannot be drawn from. Textbook probability, e.g. Feller, vol. 1.
 */
export function oddsOf(
  beat: Draw,
  random: Random,
  secondsOf: LengthOf = () => 1,
  runs?: number,
): Result<Odds> {
  const pot = potOf(beat);
  if (!pot.ok) return pot;
  const input = inputOf(beat, pot.value, random, secondsOf);
  return {
    ok: true,
    value: keptOdds(input) ?? potOdds(input) ?? simulatedOdds(input, runs),
  };
}
