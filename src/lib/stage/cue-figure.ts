import {
  figureOfMove,
  flipFor,
  isWork,
  secondsPerRep,
  type Cue,
  type Move,
  type Pace,
  type Setting,
} from '$core';
import { sideOf } from './cue-words';

/** How the figure of a cue is shown, on the Stage and on the children's screen alike. */
export type CueFigure = Readonly<{
  /** In its held pose. */
  held: boolean;
  /** Changed over, so that it does at the right of the screen what the right does: as in a mirror. */
  flip: boolean;
  secondsPerRep: number;
  /** It keeps step with the cue, and has no clock of its own. */
  inStep: boolean;
}>;

/**
 * While children work the figure keeps step with the count: one rep of it is one count, begun with
 * the cue. Before and after it shows the move at its usual tempo with these children, by its own clock.
 */
export function figureOfCue(
  cue: Cue,
  move: Move | null,
  { ages }: Pick<Setting, 'ages'>,
  pace: Pace,
): CueFigure {
  const { kind, doing } = cue;
  const inStep = isWork(cue);
  const side = sideOf(cue);
  const usual = move ? secondsPerRep(move, ages, pace) : 1;
  return {
    held: doing?.unit === 'hold' && kind !== 'show',
    flip: side !== null && move !== null && flipFor(figureOfMove(move)?.view ?? 'front', side),
    secondsPerRep: (inStep && doing?.secondsPerCount) || usual,
    inStep,
  };
}
