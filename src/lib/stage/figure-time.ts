import type { Cue } from '$core';

/** How fast a figure goes at a cue, and where it is in it. */
export type FigureTime = Readonly<{
  secondsPerRep: number;
  /** It keeps step with the cue, and has no clock of its own. */
  inStep: boolean;
}>;

/**
 * While children work the figure keeps step with the count: one rep of it is one count, begun with
 * the cue. Before and after it shows the move at its `usual` seconds a rep, by its own clock.
 */
export function figureTime({ kind, doing }: Cue, usual: number): FigureTime {
  if (kind !== 'work' && kind !== 'hold') {
    return { secondsPerRep: usual, inStep: false };
  }
  return { secondsPerRep: doing?.secondsPerCount || usual, inStep: true };
}
