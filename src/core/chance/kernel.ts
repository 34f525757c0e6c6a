/** Values and their chances, as a sum takes them on: a run of evenly spaced alike ones, and others. */
export type Kernel = Readonly<{
  /** `count` values from `start` on, `step` apart, each with `chance`; null where there is no such run. */
  run: Readonly<{ start: number; step: number; count: number; chance: number }> | null;
  points: readonly (readonly [value: number, chance: number])[];
}>;

/** Below this a run saves nothing: sliding along it costs two steps for each value of the sum. */
const SHORTEST_RUN = 4;

const alike = (one: number, other: number) => Math.abs(one - other) < 1e-15;

/** The longest run of evenly spaced values with the same chance, as the faces of a number die are. */
export function kernelOf(chances: readonly (readonly [number, number])[]): Kernel {
  const sorted = [...chances].sort(([a], [b]) => a - b);
  let [from, to] = [0, 0];
  for (let start = 0; start < sorted.length - 1; start += 1) {
    const [value, chance] = sorted[start]!;
    const step = sorted[start + 1]![0] - value;
    let end = start;
    while (
      end + 1 < sorted.length &&
      sorted[end + 1]![0] - sorted[end]![0] === step &&
      alike(sorted[end + 1]![1], chance)
    ) {
      end += 1;
    }
    if (end - start > to - from) [from, to] = [start, end];
  }
  const count = to - from + 1;
  if (count < SHORTEST_RUN) return { run: null, points: sorted };
  const [start, chance] = sorted[from]!;
  const step = sorted[from + 1]![0] - start;
  return {
    run: { start, step, count, chance },
    points: sorted.filter((_, n) => n < from || n > to),
  };
}

/**
 * Adds to `target` what `source`, from `least` on and below `end`, comes to with one more value of the
 * kernel, all of it times `share`. A run is the difference of two sums over whole steps, so that twelve
 * faces cost no more than two. `scratch` is as long as the target, and is written over.
 */
export function addKernel(
  target: Float64Array,
  source: Float64Array,
  { run, points }: Kernel,
  share: number,
  least: number,
  end: number,
  scratch: Float64Array,
): void {
  for (const [more, chance] of points) {
    const part = share * chance;
    for (let value = least; value < end; value += 1) target[value + more]! += source[value]! * part;
  }
  if (!run) return;
  const { start, step, count } = run;
  const part = share * run.chance;
  const window = step * count;
  // Sums of what lies whole steps before: of two of them, a window apart, the difference is the run's.
  const sums = scratch;
  const sumsEnd = Math.min(end + window, target.length - start);
  for (let at = least; at < end; at += 1) {
    sums[at] = at - step < least ? source[at]! : source[at]! + sums[at - step]!;
  }
  for (let at = Math.max(end, least + step); at < sumsEnd; at += 1) sums[at] = sums[at - step]!;
  const full = Math.min(sumsEnd, least + window);
  for (let at = least; at < full; at += 1) target[at + start]! += sums[at]! * part;
  for (let at = full; at < sumsEnd; at += 1) {
    // Less than nothing is rounding.
    const inside = sums[at]! - sums[at - window]!;
    if (inside > 0) target[at + start]! += inside * part;
  }
}
