/** More entries than this have too many subsets to walk. */
export const MOST_SEEN_ENTRIES = 12;

/** One more draw, put back: from each subset that was seen to it with each entry. */
function drawKept(now: Float64Array, next: Float64Array, p: Float64Array): void {
  const n = p.length;
  for (let mask = 0; mask < now.length; mask += 1) {
    const mass = now[mask]!;
    if (mass === 0) continue;
    for (let entry = 0; entry < n; entry += 1) next[mask | (1 << entry)]! += mass * p[entry]!;
  }
}

/**
 * The same, never the same entry twice running; a subset has a place for each last entry. An entry
 * is come to from all lasts but itself: from the sum of all less its own.
 */
function drawAgain(now: Float64Array, next: Float64Array, p: Float64Array): void {
  const n = p.length;
  const others = p.map((chance) => 1 / (1 - chance));
  for (let at = 0; at < now.length; at += n) {
    const mask = at / n;
    let all = 0;
    for (let last = 0; last < n; last += 1) all += now[at + last]! * others[last]!;
    if (all === 0) continue;
    for (let entry = 0; entry < n; entry += 1) {
      const from = all - now[at + entry]! * others[entry]!;
      // Less than nothing is rounding.
      if (from > 0) next[(mask | (1 << entry)) * n + entry]! += from * p[entry]!;
    }
  }
}

/**
 * Chance that all entries were seen after `draws` draws, each put back: inclusion and exclusion over
 * what may have stayed away. The same as `allSeenBy` says, without a walk.
 */
export function allSeenAfter(chances: readonly number[], draws: number): number {
  const p = chances.filter((chance) => chance > 0);
  if (p.length > MOST_SEEN_ENTRIES) throw new RangeError(`allSeenAfter: ${p.length} entries`);
  let sum = 0;
  const missing = new Float64Array(2 ** p.length);
  for (let mask = 0; mask < missing.length; mask += 1) {
    const low = mask & -mask;
    if (mask > 0) missing[mask] = missing[mask ^ low]! + p[31 - Math.clz32(low)]!;
    let sign = 1;
    for (let bits = mask; bits > 0; bits &= bits - 1) sign = -sign;
    sum += sign * Math.max(0, 1 - missing[mask]!) ** draws;
  }
  return Math.min(1, Math.max(0, sum));
}

/**
 * Chance that all entries were seen after 0, 1, 2 … `draws` draws, each drawn with its chance and put
 * back; with `again` never the same twice running. Walks subsets of what was seen (and, with `again`,
 * which was last): the coupon collector's problem. Chances of 0 are left out of account. Throws a
 * RangeError for more than MOST_SEEN_ENTRIES entries.
 */
export function allSeenBy(chances: readonly number[], draws: number, again: boolean): number[] {
  const p = Float64Array.from(chances.filter((chance) => chance > 0));
  const n = p.length;
  if (n > MOST_SEEN_ENTRIES) throw new RangeError(`allSeenBy: ${n} entries`);
  const places = again && n > 1 ? n : 1;
  let now = new Float64Array(2 ** n * places);
  let next = new Float64Array(now.length);
  const seen = [n === 0 ? 1 : 0];
  for (let draw = 1; draw <= draws; draw += 1) {
    next.fill(0);
    if (draw === 1) {
      p.forEach((chance, entry) => {
        next[(1 << entry) * places + (places > 1 ? entry : 0)]! += chance;
      });
    } else if (places > 1) drawAgain(now, next, p);
    else drawKept(now, next, p);
    [now, next] = [next, now];
    let all = 0;
    for (let place = 1; place <= places; place += 1) all += now[now.length - place]!;
    seen.push(n === 0 ? 1 : all);
  }
  return seen;
}
