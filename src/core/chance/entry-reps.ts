import { handsOf, shifted } from './hands';
import {
  MOST_SUM,
  type Cost,
  type Distribution,
  type Odds,
  type OddsInput,
  type SumName,
} from './odds-shape';
import type { Urn } from './urn';

/** Chances of a sum of one draw. */
type Reps = ReadonlyMap<number, number>;

function convolve(sums: Distribution, reps: Reps): number[] {
  const pairs = [...reps];
  const next = Array.from({ length: sums.length + Math.max(...reps.keys()) }, () => 0);
  for (let sum = 0; sum < sums.length; sum += 1) {
    const mass = sums[sum]!;
    if (mass === 0) continue;
    for (let n = 0; n < pairs.length; n += 1) next[sum + pairs[n]![0]]! += mass * pairs[n]![1];
  }
  return next;
}

/**
 * What each entry comes to in a sum, where that is always the same, whichever of its outcomes it is; 0 for
 * one that can't come. Null where chance has a say for any of them.
 */
export function fixedOf(
  { outcomes, entries }: Urn,
  costs: readonly (readonly Cost[])[],
  sum: SumName,
): readonly number[] | null {
  const fixed = new Map<number, number>();
  for (const [n, { entry }] of outcomes.entries()) {
    const list = costs[n]!;
    const { [sum]: one } = list[0]!;
    if (list.length !== 1 || (fixed.get(entry) ?? one) !== one) return null;
    fixed.set(entry, one);
  }
  return Array.from({ length: entries }, (_, entry) => fixed.get(entry) ?? 0);
}

/** The reps of an entry where they are always the same. */
function fixedReps({ urn, costs }: OddsInput, entry: number): number | null {
  const all = new Set<number>();
  for (const [n, one] of urn.outcomes.entries()) {
    if (one.entry === entry) for (const { reps } of costs[n]!) all.add(reps);
  }
  return all.size === 1 ? [...all][0]! : null;
}

/**
 * What a sum of one entry comes to, given that it is done k times; null where chance has a say in the
 * amount of cards that stay out. `powers` keeps what entries that are spread alike share.
 */
export function sumsByCount(
  { urn, costs: all }: Pick<OddsInput, 'urn' | 'costs'>,
  entry: number,
  powers: Map<string, Distribution[]>,
  sum: SumName = 'reps',
): ((k: number) => Distribution) | null {
  const outcomes = urn.outcomes.flatMap((one, n) =>
    one.entry === entry ? [{ ...one, costs: all[n]! }] : [],
  );
  const alike = outcomes.map(({ costs }) => JSON.stringify(costs));
  const { returns } = urn.rules;
  if (returns === 'back' || alike.every((one) => one === alike[0])) {
    const whole = outcomes.reduce((total, { weight }) => total + weight, 0);
    const reps = new Map<number, number>();
    for (const { costs, weight } of outcomes) {
      for (const { chance, [sum]: one } of costs) {
        reps.set(one, (reps.get(one) ?? 0) + (chance * weight) / whole);
      }
    }
    // Entries that share their chances of reps share the sums of those.
    const key = JSON.stringify([...reps]);
    const known = powers.get(key) ?? [[1]];
    powers.set(key, known);
    return (k) => {
      while (known.length <= k) known.push(convolve(known.at(-1)!, reps));
      return known[k]!;
    };
  }
  const cards: number[] = [];
  for (const { costs, copies } of outcomes) {
    if (costs.length > 1) return null;
    for (let n = 0; n < copies; n += 1) cards.push(costs[0]![sum]);
  }
  const whole = cards.reduce((total, card) => total + card, 0);
  const byHand = handsOf(cards, cards.length);
  return (k) => {
    // Every full bag brings all of them; what is left over is a hand like any other.
    const bags = Math.floor(k / cards.length);
    return shifted(byHand[k - bags * cards.length]!, bags * whole);
  };
}

/**
 * How the reps of each entry are spread, from how often it is done: exact, for which card of its suit
 * comes does not hang on how many. Null where the sums are too large, or where chance has a say in
 * the amount of cards that stay out.
 */
function entryReps(
  input: OddsInput,
  counts: readonly Distribution[],
): readonly Distribution[] | null {
  const result: Distribution[] = [];
  const powers = new Map<string, Distribution[]>();
  for (const [entry, chances] of counts.entries()) {
    if (!input.urn.outcomes.some((one) => one.entry === entry)) {
      result.push([1]);
      continue;
    }
    const fixed = fixedReps(input, entry);
    if (fixed !== null) {
      const most = chances.findLastIndex((chance) => chance > 0);
      const odds = Array.from({ length: most * fixed + 1 }, () => 0);
      for (let k = 0; k <= most; k += 1) odds[k * fixed]! += chances[k]!;
      result.push(odds);
      continue;
    }
    const sums = sumsByCount(input, entry, powers);
    if (!sums) return null;
    const odds: number[] = [0];
    for (const [k, chance] of chances.entries()) {
      if (chance === 0) continue;
      const list = sums(k);
      if (list.length > MOST_SUM) return null;
      while (odds.length < list.length) odds.push(0);
      for (let reps = 0; reps < list.length; reps += 1) odds[reps]! += chance * list[reps]!;
    }
    result.push(odds);
  }
  return result;
}

/** Odds that were walked to their end, with the reps of each entry; null where those are too much. */
export function exactOdds(
  input: OddsInput,
  walked: Omit<Odds, 'method' | 'errorBound' | 'entryReps'>,
): Odds | null {
  const byEntry = entryReps(input, walked.counts);
  return byEntry && { method: 'exact', errorBound: 0, entryReps: byEntry, ...walked };
}
