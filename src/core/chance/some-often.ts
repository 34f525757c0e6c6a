import type { Distribution } from './odds-shape';
import { copiesOf, entryChances, isEven, isSteered, type Pot } from './pot';

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

/** The first `few` terms of p^j / j!, or of the binomial coefficients of `copies` over j. */
const powers = (p: number, few: number) => {
  const row = new Float64Array(few);
  row[0] = 1;
  for (let j = 1; j < few; j += 1) row[j] = (row[j - 1]! * p) / j;
  return row;
};
const choices = (copies: number, few: number) => {
  const row = new Float64Array(few);
  row[0] = 1;
  for (let j = 1; j < few && j <= copies; j += 1) row[j] = (row[j - 1]! * (copies - j + 1)) / j;
  return row;
};

/** The coefficient of x^draws in the product of these rows. */
function coefficientOf(draws: number, rows: readonly Float64Array[]): number {
  const one: Float64Array = new Float64Array([1]);
  return rows.reduce((product, row) => times(product, row, draws), one)[draws] ?? 0;
}

/**
 * Chances that some entry comes k times or more in `draws` draws, k from 0 on; null where the rules make
 * draws hang on each other in other ways, or there are too many of them. Drawn and put back: the
 * multinomial distribution, by the coefficients of the product of truncated exponential series. Kept out:
 * the multivariate hypergeometric one, by those of truncated binomials. Feller, vol. 1, on occupancy.
 */
export function someOften(pot: Pot, draws: number): Distribution | null {
  const { returns, onRepeat } = pot.rules;
  if (draws < 1 || draws > MOST_DRAWS || isSteered(pot.rules) || onRepeat !== 'keep') return null;
  if (returns !== 'back' && !(returns === 'out' && isEven(pot))) return null;
  const [chances, copies] = [entryChances(pot), copiesOf(pot)];
  if (returns === 'out' && copies.reduce((sum, n) => sum + n, 0) < draws) return null;
  /** Ways in which no entry comes `few` times or more. */
  const waysBelow = (few: number) =>
    coefficientOf(
      draws,
      chances.map((chance, entry) =>
        returns === 'back' ? powers(chance, few) : choices(copies[entry]!, few),
      ),
    );
  const all = waysBelow(draws + 1);
  return Array.from({ length: draws + 1 }, (_, k) =>
    k === 0 ? 1 : Math.max(0, 1 - waysBelow(k) / all),
  );
}
