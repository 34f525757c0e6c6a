/** From one bead of the ring to the next, so many as a child sees at a glance. */
const MOST_BEADS = 20;
const TEN = 10;

/** A bead of the ring: how much of it is full, 0 to 1. */
export type Bead = Readonly<{ full: number }>;

/**
 * The reps of a set as beads of a ring: one each, or one for each ten where there are many; the last ten
 * may be a short one. `done` counts from 0.
 */
export function beadsOf(of: number, done: number): readonly Bead[] {
  const each = of > MOST_BEADS ? TEN : 1;
  return Array.from({ length: Math.max(1, Math.ceil(of / each)) }, (_, n) => {
    const size = Math.min(each, of - n * each) || 1;
    return { full: Math.min(1, Math.max(0, (done - n * each) / size)) };
  });
}
