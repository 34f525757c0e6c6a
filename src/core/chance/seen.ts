/** More entries than this have too many subsets to walk. */
export const MOST_SEEN_ENTRIES = 12;

/**
 * Chance that all entries were seen after 0, 1, 2 … `draws` draws, each drawn with its chance and put
 * back; with `again` never the same twice running. Walks subsets of what was seen (and, with `again`,
 * which was last): the coupon collector's problem. Chances of 0 are left out of account. Throws a
 * RangeError for more than MOST_SEEN_ENTRIES entries.
 */
export function allSeenBy(chances: readonly number[], draws: number, again: boolean): number[] {
  const p = chances.filter((chance) => chance > 0);
  const n = p.length;
  if (n > MOST_SEEN_ENTRIES) throw new RangeError(`allSeenBy: ${n} entries`);
  const full = 2 ** n - 1;
  const redraws = again && n > 1;
  const lasts = redraws ? n : 1;
  let now = new Float64Array((full + 1) * lasts);
  const seen = [n === 0 ? 1 : 0];
  for (let draw = 1; draw <= draws; draw += 1) {
    const next = new Float64Array(now.length);
    if (draw === 1) {
      p.forEach((chance, entry) => (next[(1 << entry) * lasts + (redraws ? entry : 0)] = chance));
    } else {
      for (let mask = 1; mask <= full; mask += 1) {
        for (let last = 0; last < lasts; last += 1) {
          const mass = now[mask * lasts + last]!;
          if (mass === 0) continue;
          const scale = redraws ? mass / (1 - p[last]!) : mass;
          for (let entry = 0; entry < n; entry += 1) {
            if (redraws && entry === last) continue;
            next[(mask | (1 << entry)) * lasts + (redraws ? entry : 0)]! += scale * p[entry]!;
          }
        }
      }
    }
    now = next;
    let all = 0;
    for (let last = 0; last < lasts; last += 1) all += now[full * lasts + last]!;
    seen.push(all);
  }
  return seen;
}
