import { solve, type Constraint, type Coefficients } from 'yalps';
import type { Adventure } from '../model/adventure';
import type { Beat } from '../model/beat';
import { changeBeat } from '../model/edit';
import type { Setting } from '../model/setting';
import type { Pace } from '../schedule/pace';
import { unroll } from '../schedule/unroll';
import { fitChoices, type FitChoice, type FitOption } from './choices';

/** What the session is to come to: a length in seconds, or a number of counted moves. */
export type FitTarget = Readonly<{ seconds: number } | { reps: number }>;

/** A beat as it was written, and as it would stand. */
export type FitChange = Readonly<{ beatId: string; before: Beat; after: Beat }>;

export type FitResult = Readonly<{
  /** The target was met: to the count, or within FIT_SECONDS. */
  met: boolean;
  target: number;
  before: number;
  after: number;
  /** The least and the most that doses within the usual ranges can come to. */
  least: number;
  most: number;
  changes: readonly FitChange[];
  adventure: Adventure;
}>;

/** A length within this of the target is met: nobody's talk is truer than that. */
export const FIT_SECONDS = 5;
/** Being off the target weighs more than any change, a second or a count. */
const OFF_COST = 10;
/** The search stops when no plan can be better by more than this share, or after this time. */
const GOOD_ENOUGH = 0.02;
const MOST_MS = 350;
/** So many choices are solved whole; of more, this many at a time (relax and fix). */
const FREE_CHOICES = 12;
const MOST_TRIES = 4;

const amountOf = (option: FitOption, target: FitTarget) =>
  'seconds' in target ? option.seconds : option.reps;

/**
 * The programme: one of each choice's options, the sum within the tolerance of what is wanted, or
 * off it at a price; the least cost. Without `whole` the options may be mixed. Gives, for each
 * choice, the share of each option; null where the time was not enough to find any plan.
 */
function programme(
  choices: readonly FitChoice[],
  target: FitTarget,
  wanted: number,
  whole: boolean,
): number[][] | null {
  const tolerance = 'seconds' in target ? FIT_SECONDS : 0;
  const constraints = new Map<string, Constraint>([
    ['sum', { min: wanted - tolerance, max: wanted + tolerance }],
  ]);
  const variables = new Map<string, Coefficients>();
  choices.forEach(({ options }, index) => {
    constraints.set(`one.${index}`, { equal: 1 });
    options.forEach((option, nth) => {
      const coefficients = { sum: amountOf(option, target), cost: option.cost };
      variables.set(`${index}.${nth}`, { ...coefficients, [`one.${index}`]: 1 });
    });
  });
  const binaries = whole ? new Set(variables.keys()) : [];
  variables.set('over', { sum: -1, cost: OFF_COST });
  variables.set('under', { sum: 1, cost: OFF_COST });
  const solution = solve(
    { direction: 'minimize', objective: 'cost', constraints, variables, binaries },
    { tolerance: GOOD_ENOUGH, timeout: MOST_MS },
  );
  if (solution.variables.length === 0) return null;
  const shares = choices.map(({ options }) => options.map(() => 0));
  for (const [key, value] of solution.variables) {
    const [index, nth] = key.split('.').map(Number);
    if (nth !== undefined) shares[index!]![nth] = value;
  }
  return shares;
}

const largest = (shares: readonly number[]) => shares.indexOf(Math.max(...shares));

/**
 * Which option each choice takes. A long script is solved mixed first, which leaves only few
 * choices undecided; those, with some others, are then solved whole while the rest stays fixed,
 * with other companions until the sum is met.
 */
function pick(choices: readonly FitChoice[], target: FitTarget, wanted: number): number[] {
  const tolerance = 'seconds' in target ? FIT_SECONDS : 0;
  const unchanged = choices.map(() => 0);
  if (choices.length <= FREE_CHOICES) {
    return programme(choices, target, wanted, true)?.map(largest) ?? unchanged;
  }
  const mixed = programme(choices, target, wanted, false);
  if (!mixed) return unchanged;
  let picked = mixed.map(largest);
  const sumOf = (plan: readonly number[]) =>
    plan.reduce((sum, nth, index) => sum + amountOf(choices[index]!.options[nth]!, target), 0);
  const open = mixed.flatMap((shares, index) => (Math.max(...shares) < 0.999 ? [index] : []));
  for (let attempt = 0; attempt < MOST_TRIES; attempt += 1) {
    if (attempt > 0 && Math.abs(sumOf(picked) - wanted) <= tolerance) break;
    const others = choices.map((_, n) => (n * 7 + attempt * FREE_CHOICES) % choices.length);
    const free = [...new Set([...open, ...others])].slice(0, FREE_CHOICES);
    const fixed = picked.reduce(
      (sum, nth, index) =>
        free.includes(index) ? sum : sum + amountOf(choices[index]!.options[nth]!, target),
      0,
    );
    const part = programme(
      free.map((index) => choices[index]!),
      target,
      wanted - fixed,
      true,
    );
    if (!part) continue;
    const next = [...picked];
    free.forEach((index, n) => (next[index] = largest(part[n]!)));
    const apart = (plan: readonly number[]) => Math.abs(sumOf(plan) - wanted);
    if (attempt === 0 || apart(next) < apart(picked)) picked = next;
  }
  return picked;
}

/**
 * The adventure nearest to what was written that comes to the target, by amounts, sets, rounds,
 * work and rest within the usual ranges of the age. Where the target cannot be met the nearest is
 * given, with `met` false and the least and most that could be.
 */
export function fit(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  target: FitTarget,
): FitResult {
  const choices = fitChoices(adventure, setting, pace);
  const measure = (one: Adventure) => {
    const { totalSeconds, totals } = unroll(one, setting, pace);
    return 'seconds' in target ? totalSeconds : totals.all.reps;
  };
  const wanted = 'seconds' in target ? target.seconds : target.reps;
  const before = measure(adventure);
  const written = choices.reduce((sum, { options }) => sum + amountOf(options[0]!, target), 0);
  const fixed = before - written;
  const extreme = (of: typeof Math.min) =>
    fixed +
    choices.reduce(
      (sum, { options }) => sum + of(...options.map((option) => amountOf(option, target))),
      0,
    );
  const close = 'seconds' in target ? FIT_SECONDS : 0;
  const already = Math.abs(before - wanted) <= close;
  const picked = already ? choices.map(() => 0) : pick(choices, target, wanted - fixed);
  const changes = choices.flatMap(({ options }, index): FitChange[] => {
    const nth = picked[index]!;
    const [was, is] = [options[0]!.beat, options[nth]!.beat];
    return nth === 0 ? [] : [{ beatId: was.id, before: was, after: is }];
  });
  const fitted = changes.reduce(
    (now, { beatId, after }) => changeBeat(now, beatId, () => after),
    adventure,
  );
  const after = measure(fitted);
  return {
    met: Math.abs(after - wanted) <= close + 1e-6,
    target: wanted,
    before,
    after,
    least: extreme(Math.min),
    most: extreme(Math.max),
    changes,
    adventure: fitted,
  };
}
