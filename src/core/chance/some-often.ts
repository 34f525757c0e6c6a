import type { Distribution } from './odds-shape';
import { entryChances, isSteered, type Urn } from './urn';

/** More draws than this are not walked: a chart of them says nothing any more. */
const MOST_DRAWS = 300;

/** The product of two rows of coefficients, as far as `most`. */
function times(one: Float64Array, other: Float64Array, most: number): Float64Array {
  const product = new Float64Array(most + 1);
  for (let a = 0; a < one.length; a += 1) {
    if (one[a] === 0) continue;
    for (let b = 0; b < other.length && a + b <= most; b += 1)
      product[a + b]! += one[a]! * other[b]!;
  }
  return product;
}

/** The chances of 0 to `few` - 1 by the Poisson distribution with this mean. */
const poisson = (mean: number, few: number) => {
  const row = new Float64Array(few);
  row[0] = Math.exp(-mean);
  for (let j = 1; j < few; j += 1) row[j] = (row[j - 1]! * mean) / j;
  return row;
};

/** The coefficient of x^draws in the product of these rows. */
function coefficientOf(draws: number, rows: readonly Float64Array[]): number {
  const one: Float64Array = new Float64Array([1]);
  return rows.reduce((product, row) => times(product, row, draws), one)[draws] ?? 0;
}

/** The shares of words of blocks, as far as `few` counts: power of x by power of y, without and with the last. */
type Blocks = Readonly<{ plain: Float64Array; last: Float64Array }>;

/**
 * One entry that comes fewer than `few` times, never twice running: its weight to the power of its count
 * at x, over its runs glued together at y, inclusion and exclusion over what is glued.
 */
function blocksOf(p: number, few: number, size: number): Blocks {
  const [plain, last] = [new Float64Array(size * size), new Float64Array(size * size)];
  plain[0] = 1;
  const weight = p / (1 - p);
  for (let count = 1, power = weight; count < few; count += 1, power *= weight) {
    // C(count - 1, blocks - 1) over blocks!, and over (blocks - 1)! where the last block is its own.
    let ways = 1;
    let factorial = 1;
    for (let blocks = 1; blocks <= count; blocks += 1) {
      if (blocks > 1) {
        ways = (ways * (count - blocks + 1)) / (blocks - 1);
        factorial *= blocks;
      }
      const sign = (count - blocks) % 2 === 0 ? 1 : -1;
      plain[count * size + blocks] = (sign * ways * power) / factorial;
      last[count * size + blocks] = ((sign * ways * power * blocks) / factorial) * (1 - p);
    }
  }
  return { plain, last };
}

/** Adds the product of two tables of x and y to a third, as far as it reaches; the other ends below x^few. */
function addProduct(
  one: Float64Array,
  other: Float64Array,
  into: Float64Array,
  size: number,
  few: number,
): void {
  for (let a = 0; a < size; a += 1) {
    const end = Math.min(few, size - a);
    for (let b = 0; b <= a; b += 1) {
      const share = one[a * size + b]!;
      if (share === 0) continue;
      for (let c = 0; c < end; c += 1) {
        for (let d = 0; d <= c; d += 1) {
          into[(a + c) * size + b + d]! += share * other[c * size + d]!;
        }
      }
    }
  }
}

/**
 * Chance that no entry comes `few` times or more in `draws` draws, put back and drawn again where it would
 * come twice running: words without equal neighbours (Smirnov words; Flajolet and Sedgewick, Analytic
 * Combinatorics, III.7), each letter with p / (1 - p), but for the last, which nothing follows.
 */
function againBelow(chances: readonly number[], draws: number, few: number): number {
  const size = draws + 1;
  let plain = new Float64Array(size * size);
  let last = new Float64Array(size * size);
  plain[0] = 1;
  for (const p of chances) {
    const blocks = blocksOf(p, Math.min(few, size), size);
    const [more, ends] = [new Float64Array(size * size), new Float64Array(size * size)];
    addProduct(plain, blocks.plain, more, size, few);
    addProduct(last, blocks.plain, ends, size, few);
    addProduct(plain, blocks.last, ends, size, few);
    [plain, last] = [more, ends];
  }
  let sum = 0;
  for (let blocks = 1, factorial = 1; blocks <= draws; factorial *= blocks, blocks += 1) {
    sum += last[draws * size + blocks]! * factorial;
  }
  return sum;
}

/** How often each entry came, and the chance of it. */
export type Hand = readonly [counts: readonly number[], chance: number];

/** How often each entry comes, from how likely each hand of at most `most` draws is. */
export function countsOfHands(hands: readonly Hand[], entries: number, most: number) {
  return Array.from({ length: entries }, (_, entry): Distribution => {
    const odds = Array.from({ length: most + 1 }, () => 0);
    for (const [counts, chance] of hands) odds[counts[entry]!]! += chance;
    return odds;
  });
}

/** Chances that some entry comes k times or more, k from 0 on, from how likely each hand is. */
export function chancesOfOften(hands: readonly Hand[]): Distribution {
  const most: number[] = [];
  for (const [counts, chance] of hands) {
    const largest = Math.max(0, ...counts);
    while (most.length <= largest) most.push(0);
    most[largest]! += chance;
  }
  for (let k = most.length - 2; k >= 0; k -= 1) most[k]! += most[k + 1]!;
  return most;
}

/** More draws than this are not walked where the same one is drawn again: rounding would show. */
const MOST_DRAWS_AGAIN = 40;
/** Where all chances together are off by more than this, rounding has shown. */
const ROUNDED = 1e-9;

/**
 * Chances that some entry comes k times or more in `draws` draws, all put back, k from 0 on; null where the
 * rules make draws hang on each other in other ways, or there are too many of them. Repeats kept: the
 * multinomial distribution, as Poisson counts that are told their sum, each cut off at k (Levin 1981). Drawn again: see `againBelow`.
 */
export function someOften(urn: Urn, draws: number): Distribution | null {
  const { returns, onRepeat } = urn.rules;
  if (returns !== 'back' || draws < 1 || isSteered(urn.rules) || onRepeat === 'stand-in')
    return null;
  const chances = entryChances(urn).filter((chance) => chance > 0);
  const again = onRepeat === 'again' && chances.length > 1;
  if (draws > (again ? MOST_DRAWS_AGAIN : MOST_DRAWS)) return null;
  /** Chance that no entry comes `few` times or more. */
  const below = (few: number) => {
    if (again) return againBelow(chances, draws, few);
    const rows = chances.map((chance) => poisson(draws * chance, few));
    return coefficientOf(draws, rows) / poisson(draws, draws + 1)[draws]!;
  };
  const often = [1];
  for (let k = 1; k <= draws; k += 1) {
    // Once it is as good as never it is never.
    const chance = often.at(-1)! < 1e-15 ? 0 : 1 - below(k);
    if (chance < -ROUNDED || chance > 1 + ROUNDED) return null;
    often.push(Math.min(1, Math.max(0, chance)));
  }
  return often;
}
