import { SPAN, SPANS } from './spans';

/** What a stretch of the session adds to its sums, and the number of the stance that it ends in. */
export type Stretch = Readonly<{
  /** Which sums it adds to, and how much: those of SPANS, then seconds and reps of each move in turn. */
  at: Int32Array;
  by: Float64Array;
  /** How many sums there must be for it. */
  sums: number;
  /** Seconds in which something could be said meanwhile. */
  quiet: number;
  stance: number;
}>;

/** Where the sums of a move stand; its reps come next to its seconds. */
export const sumOfMove = (move: number): number => SPANS.length + 2 * move;

/** What sums come to as a stretch: most of them are nought, and cost nothing. */
export function asStretch(sums: readonly number[], stance: number): Stretch {
  const at = Int32Array.from([...sums.keys()].filter((n) => (sums[n] ?? 0) !== 0));
  const by = Float64Array.from(at, (n) => sums[n]!);
  return { at, by, sums: 1 + (at.at(-1) ?? -1), quiet: sums[SPAN.quiet] ?? 0, stance };
}
