import type { Distribution } from './odds-shape';

/** The largest sum of so many of these cards. */
export function largestHand(cards: readonly number[], hand: number): number {
  return [...cards]
    .sort((a, b) => b - a)
    .slice(0, hand)
    .reduce((sum, card) => sum + card, 0);
}

/**
 * Chances of the sum of 0, 1, 2 … `most` cards drawn from these without putting back, every hand as
 * likely: by counting hands (hypergeometric), exchangeability doing the rest. `most` is at most the
 * number of cards; sums are whole.
 */
export function handsOf(cards: readonly number[], most: number): readonly Distribution[] {
  const ways = Array.from(
    { length: most + 1 },
    (_, k) => new Float64Array(largestHand(cards, k) + 1),
  );
  ways[0]![0] = 1;
  for (const card of cards) {
    for (let k = most; k >= 1; k -= 1) {
      const [from, to] = [ways[k - 1]!, ways[k]!];
      for (let sum = 0; sum < from.length; sum += 1) {
        if (from[sum] !== 0) to[sum + card]! += from[sum]!;
      }
    }
  }
  return ways.map((counts) => {
    const all = counts.reduce((sum, count) => sum + count, 0);
    return Array.from(counts, (count) => count / all);
  });
}

/** A distribution of sums with the same amount added to each. */
export function shifted(sums: Distribution, by: number): Distribution {
  return by === 0 ? sums : [...Array.from({ length: by }, () => 0), ...sums];
}
