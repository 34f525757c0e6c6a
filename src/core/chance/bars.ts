import type { DrawRules } from '../model/chance';

/*
 * What rules take out of the weights of outcomes before a draw. Plain arrays that are changed in place:
 * a forecast asks this more than a million times.
 */

/** Runs of two up to this many that come twice over are a pattern. Our own judgement. */
export const LONGEST_PATTERN = 4;

/** No weight for outcomes whose entry came so many times already. */
export function barOften(
  weights: Float64Array,
  entryOf: Int32Array,
  counts: Int32Array,
  most: number,
): void {
  for (let n = 0; n < weights.length; n += 1) {
    if (counts[entryOf[n]!]! >= most) weights[n] = 0;
  }
}

/** Takes away the weight of outcomes whose entry is marked, unless none would be left. */
export function barMarked(weights: Float64Array, entryOf: Int32Array, marked: Uint8Array): void {
  let left = false;
  for (let n = 0; !left && n < weights.length; n += 1) {
    left = weights[n]! > 0 && marked[entryOf[n]!] === 0;
  }
  if (!left) return;
  for (let n = 0; n < weights.length; n += 1) {
    if (marked[entryOf[n]!] === 1) weights[n] = 0;
  }
}

/** The same for one entry alone. */
export function barEntry(weights: Float64Array, entryOf: Int32Array, entry: number): void {
  let others = 0;
  for (let n = 0; n < weights.length; n += 1) if (entryOf[n] !== entry) others += weights[n]!;
  if (others <= 0) return;
  for (let n = 0; n < weights.length; n += 1) if (entryOf[n] === entry) weights[n] = 0;
}

/** How often the entry came that came least, among those that can come. */
export function fewest(entryOf: Int32Array, counts: Int32Array): number {
  let least = Infinity;
  for (let n = 0; n < entryOf.length; n += 1) {
    const count = counts[entryOf[n]!]!;
    if (count < least) least = count;
  }
  return least;
}

/** How often entries came, as far as the rules look at it: whether they came at all is told whatever they are. */
export function cameAs(
  counts: Int32Array,
  entryOf: Int32Array,
  { mostAhead, mostOfOne }: Pick<DrawRules, 'mostAhead' | 'mostOfOne'>,
): string {
  const least = mostAhead === null ? 0 : fewest(entryOf, counts);
  const most = mostAhead !== null ? Infinity : (mostOfOne ?? 1);
  let word = '';
  for (const count of counts) {
    word += `${Math.min(count - least, most)}${count > 0 ? ' ' : '-'}`;
    if (mostOfOne !== null) word += `${Math.min(count, mostOfOne)} `;
  }
  return word;
}

/** Marks entries that are so far ahead of the one that came least; false where there are none. */
export function markAhead(
  marked: Uint8Array,
  entryOf: Int32Array,
  counts: Int32Array,
  mostAhead: number,
): boolean {
  const limit = fewest(entryOf, counts) + mostAhead;
  let any = false;
  for (let n = 0; n < marked.length; n += 1) {
    const ahead = counts[n]! >= limit;
    marked[n] = ahead ? 1 : 0;
    any ||= ahead;
  }
  return any;
}

/** Marks each entry that would make the last few draws the same as the few before; if any would. */
export function markRepeats(marked: Uint8Array, recent: readonly number[]): boolean {
  let any = false;
  for (let length = 2; length <= LONGEST_PATTERN; length += 1) {
    const from = recent.length - 2 * length + 1;
    if (from < 0) return any;
    let same = true;
    for (let n = 0; same && n < length - 1; n += 1) {
      same = recent[from + n] === recent[from + length + n];
    }
    if (!same) continue;
    // Nothing is marked until there is something to mark: it seldom comes to that.
    if (!any) marked.fill(0);
    marked[recent[from + length - 1]!] = 1;
    any = true;
  }
  return any;
}
