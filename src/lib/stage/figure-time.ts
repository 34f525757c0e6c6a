import type { Cue, Move } from '$core';

/** How fast a figure goes at a cue, and where it is in it. */
export type FigureTime = Readonly<{ secondsPerRep: number; elapsed: number | null }>;

/**
 * While children work the figure keeps step with the count: one rep of it is one count, begun with
 * the cue. Before and after it shows the move at its usual tempo, by a clock of its own.
 */
export function figureTime({ kind, doing }: Cue, move: Move, into: number): FigureTime {
  const usual = move.secondsPerRep['5'];
  if (kind !== 'work' && kind !== 'hold') return { secondsPerRep: usual, elapsed: null };
  return { secondsPerRep: doing?.secondsPerCount || usual, elapsed: into };
}
