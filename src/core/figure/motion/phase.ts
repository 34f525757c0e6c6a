import type { Figure } from '../../model/figure';

/** A hold breathes once in so many seconds. Our own judgement. */
const BREATH_SECONDS = 4;

/**
 * Where in its loop a figure is after so many seconds at a tempo, 0 to below 1. A hold stays in its
 * held pose and goes a little way towards the next one and back, as somebody who stands still does;
 * a move that is no hold of itself stays in its best pose.
 * Seconds a rep are above 0.
 */
export function phaseAt(
  figure: Figure,
  elapsedSeconds: number,
  secondsPerRep: number,
  held = false,
): number {
  if (held) {
    const { keys, hold, best } = figure;
    const from = keys[hold ?? best]!.at;
    const to = hold === null ? undefined : keys[hold + 1]?.at;
    if (to === undefined) return from;
    const there = 0.5 - 0.5 * Math.cos((2 * Math.PI * elapsedSeconds) / BREATH_SECONDS);
    return from + (to - from) * there;
  }
  const loops = elapsedSeconds / (secondsPerRep * figure.reps);
  return loops - Math.floor(loops);
}
