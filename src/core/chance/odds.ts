import type { DrawSetup } from './setup';
import { isSum } from '../model/chance';
import { doseTotal, isCounted, turnsPerSet } from '../model/dose';
import type { Result } from '../model/problem';
import { amountOdds } from './amount';
import { keptOdds } from './odds-kept';
import type { Cost, Distribution, Odds, OddsInput } from './odds-shape';
import { urnOdds } from './odds-urn';
import { simulatedOdds } from './odds-simulated';
import { couponCollectorOdds } from './coupon-collector';
import { walkedOdds } from './odds-walked';
import { urnOf, type Urn } from './urn';
import type { Random } from './random';
import type { ResolvedDraw } from '../model/resolved-draw';

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

/**
 * Seconds and landings of a draw: of its schedule, which chance knows nothing of. Its reps are those of
 * the doses, where the schedule does not say.
 */
export type MeasureOf = (
  draw: ResolvedDraw,
) => Readonly<{ seconds: number; landings: number; reps?: number }>;
const UNMEASURED: MeasureOf = () => ({ seconds: 1, landings: 0 });

function inputOf(beat: DrawSetup, urn: Urn, random: Random, measure: MeasureOf): OddsInput {
  const { amount, entries, rules } = beat;
  const { between } = rules;
  const betweenSeconds = between ? Math.round((between.leastSeconds + between.mostSeconds) / 2) : 0;
  const costsOf = (entry: number, value: number | null, standIn: boolean): readonly Cost[] => {
    const { action, then } = entries[entry]!;
    const more = standIn
      ? 0
      : then.reduce((sum, one) => sum + (isCounted(one.dose.unit) ? doseTotal(one.dose) : 0), 0);
    const { dose } = standIn ? (rules.standIn ?? action) : action;
    const drawn =
      isSum(amount) && (value !== null || amount.from === 'number die')
        ? amountOdds(amount, value)
        : new Map([[null, 1]]);
    return [...drawn].map(([one, chance]): Cost => {
      const plain = { outcome: 0, entry, value, standIn, isFirst: false };
      const draw = { ...plain, number: one, amount: one, betweenSeconds };
      const all = one === null ? doseTotal(dose) : one * turnsPerSet(dose);
      const asked = more + (isCounted(dose.unit) && amount.from !== 'room' ? all : 0);
      const { seconds, landings, reps = asked } = measure(draw);
      return { chance, reps, landings: Math.round(landings), seconds: Math.round(seconds) };
    });
  };
  const all = (standIn: boolean) =>
    urn.outcomes.map(({ entry, value }) => costsOf(entry, value, standIn));
  return { urn, random, costs: all(false), standInCosts: all(true) };
}

/**
 * What to expect of a draw beat: exactly, by walking all ways of the state machine at once, where
 * that is small enough; else by playing it `runs` times, with the error bound stated. The problems,
 * where it cannot be drawn from. Whole seconds and landings of each draw are added up; travelling
 * between is taken at its mean. Textbook probability, e.g. Feller, vol. 1.
 */
export function oddsOf(
  beat: DrawSetup,
  random: Random,
  measure: MeasureOf = UNMEASURED,
  runs?: number,
): Result<Odds> {
  const urn = urnOf(beat);
  if (!urn.ok) return urn;
  const input = inputOf(beat, urn.value, random, measure);
  const exact =
    keptOdds(input) ?? couponCollectorOdds(input) ?? urnOdds(input) ?? walkedOdds(input);
  return { ok: true, value: exact ?? simulatedOdds(input, runs) };
}
