import { solve, type Constraint, type Coefficients } from 'yalps';

/** One thing to decide: one of its options is taken, and has its cost. */
export type Choice<Option extends Costs> = Readonly<{ options: readonly Option[] }>;
type Costs = Readonly<{ cost: number }>;

/**
 * A sum over the options taken that should lie from `least` to `most`, either end open as
 * ±Infinity; being off costs `price` for each unit. What is fixed has been taken off already.
 */
export type Row<Option extends Costs, C extends Choice<Option> = Choice<Option>> = Readonly<{
  least: number;
  most: number;
  price: number;
  amount: (option: Option, choice: C) => number;
}>;

/**
 * The search stops when no plan can be better by more than this share, or after so many steps: counted,
 * not timed, so that a slow machine finds the same plan.
 */
const GOOD_ENOUGH = 0.02;
const MOST_ITERATIONS = 3000;
/** So many choices are solved whole; of more, this many at a time (relax and fix). */
const FREE_CHOICES = 12;
const MOST_TRIES = 4;

/**
 * One of each choice's options, the rows kept or paid for, at the least cost. Without `whole` the
 * options may be mixed. Gives, for each choice, the share of each option; null where those steps
 * did not find any plan.
 */
function programme<Option extends Costs, C extends Choice<Option>>(
  choices: readonly C[],
  rows: readonly Row<Option, C>[],
  whole: boolean,
): number[][] | null {
  const constraints = new Map<string, Constraint>();
  const variables = new Map<string, Coefficients>();
  // Everything is counted from each choice's first option, which is taken where no other is: all first
  // ones are then a plan to begin with, and the solver need not look for one.
  rows.forEach(({ least, most, price, amount }, row) => {
    const first = choices.reduce((sum, choice) => sum + amount(choice.options[0]!, choice), 0);
    constraints.set(`row.${row}`, { min: least - first, max: most - first });
    variables.set(`over.${row}`, { [`row.${row}`]: -1, cost: price });
    variables.set(`under.${row}`, { [`row.${row}`]: 1, cost: price });
  });
  const binaries = new Set<string>();
  choices.forEach((choice, index) => {
    constraints.set(`one.${index}`, { max: 1 });
    const [first, ...others] = choice.options;
    others.forEach((option, n) => {
      const more = ({ amount }: Row<Option, C>) => amount(option, choice) - amount(first!, choice);
      const sums = rows.map((row, at) => [`row.${at}`, more(row)] as const);
      const key = `${index}.${n + 1}`;
      binaries.add(key);
      variables.set(key, {
        ...Object.fromEntries(sums),
        cost: option.cost - first!.cost,
        [`one.${index}`]: 1,
      });
    });
  });
  const solution = solve(
    {
      direction: 'minimize',
      objective: 'cost',
      constraints,
      variables,
      binaries: whole ? binaries : [],
    },
    { tolerance: GOOD_ENOUGH, timeout: Infinity, maxIterations: MOST_ITERATIONS },
  );
  // Nothing is chosen where every first one is best: that is a plan too.
  if (solution.status !== 'optimal' && solution.variables.length === 0) return null;
  const shares = choices.map(({ options }) => options.map(() => 0));
  for (const [key, value] of solution.variables) {
    if (!binaries.has(key)) continue;
    const [index, nth] = key.split('.').map(Number);
    shares[index!]![nth!] = value;
  }
  for (const one of shares) one[0] = 1 - one.reduce((sum, share) => sum + share, 0);
  return shares;
}

const largest = (shares: readonly number[]) => shares.indexOf(Math.max(...shares));

/** What is paid for rows that are not kept. */
export function offPrice<Option extends Costs, C extends Choice<Option>>(
  choices: readonly C[],
  rows: readonly Row<Option, C>[],
  plan: readonly number[],
) {
  return rows.reduce((sum, { least, most, price, amount }) => {
    const total = choices.reduce(
      (all, choice, index) => all + amount(choice.options[plan[index]!]!, choice),
      0,
    );
    return sum + price * Math.max(0, least - total, total - most);
  }, 0);
}

/**
 * Which option each choice takes. A long script is solved mixed first, which leaves only few
 * choices undecided; those, with some others, are then solved whole while the rest stays fixed,
 * with other companions until the rows are kept. `onProgress` hears the share of tries done.
 */
export function pick<Option extends Costs, C extends Choice<Option>>(
  choices: readonly C[],
  rows: readonly Row<Option, C>[],
  onProgress: (share: number) => void = () => {},
): number[] {
  const unchanged = choices.map(() => 0);
  if (choices.length <= FREE_CHOICES) {
    return programme(choices, rows, true)?.map(largest) ?? unchanged;
  }
  const mixed = programme(choices, rows, false);
  if (!mixed) return unchanged;
  let picked = mixed.map(largest);
  const open = mixed.flatMap((shares, index) => (Math.max(...shares) < 0.999 ? [index] : []));
  for (let attempt = 0; attempt < MOST_TRIES; attempt += 1) {
    onProgress(attempt / MOST_TRIES);
    if (attempt > 0 && offPrice(choices, rows, picked) < 1e-6) break;
    const others = choices.map((_, n) => (n * 7 + attempt * FREE_CHOICES) % choices.length);
    const free = [...new Set([...open, ...others])].slice(0, FREE_CHOICES);
    const left = rows.map((row) => {
      const fixed = choices.reduce(
        (sum, choice, index) =>
          free.includes(index) ? sum : sum + row.amount(choice.options[picked[index]!]!, choice),
        0,
      );
      return { ...row, least: row.least - fixed, most: row.most - fixed };
    });
    const part = programme(
      free.map((index) => choices[index]!),
      left,
      true,
    );
    if (!part) continue;
    const next = [...picked];
    free.forEach((index, n) => (next[index] = largest(part[n]!)));
    const better = offPrice(choices, rows, next) < offPrice(choices, rows, picked);
    if (attempt === 0 || better) picked = next;
  }
  return picked;
}
