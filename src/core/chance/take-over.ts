import { chanceOfAtLeast } from './odds';
import { keptCounts } from './odds-kept';
import { copiesOf, isEven, type Urn } from './urn';

/** Chance of more than half marked among `drawn` of `all` that stay out. Hypergeometric. */
function halfOut(all: number, marked: number, drawn: number): number {
  // chances[k]: that k marked ones are among those drawn so far.
  let chances = [1];
  for (let n = 0; n < drawn; n += 1) {
    const next = Array.from({ length: chances.length + 1 }, () => 0);
    chances.forEach((chance, k) => {
      const share = Math.max(0, marked - k) / (all - n);
      next[k + 1]! += chance * share;
      next[k]! += chance * (1 - share);
    });
    chances = next;
  }
  return chanceOfAtLeast(chances, Math.floor(drawn / 2) + 1);
}

/**
 * For each entry the chance that it comes in more than half of the draws: quickly, for what is told
 * at every key stroke. Null where the rules see to it, or where that is not a matter of a fixed number
 * of draws.
 */
export function chancesToTakeOver(urn: Urn): readonly number[] | null {
  const { returns, stop, mostOfOne, mostAhead } = urn.rules;
  if (stop.after !== 'draws' || mostAhead !== null) return null;
  const half = Math.floor(stop.draws / 2);
  if (mostOfOne !== null && mostOfOne <= half) return null;
  if (returns === 'back') {
    return keptCounts(urn, stop.draws).map((odds) => chanceOfAtLeast(odds, half + 1));
  }
  if (returns !== 'out' || !isEven(urn)) return null;
  const copies = copiesOf(urn);
  const all = copies.reduce((sum, count) => sum + count, 0);
  return copies.map((marked) => halfOut(all, marked, Math.min(stop.draws, all)));
}
