import { isWork, secondsPerRep, type Cue, type Move, type Pace, type Setting } from '$core';
import { sideOf } from './cue-words';

/** How the figure of a cue is shown, on the Stage and on the children's screen alike. */
export type CueFigure = Readonly<{
  /** In its held pose. */
  held: boolean;
  /** Its left side, where the drawing is of the right one: the side that the leader moves. */
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
  { ages, mirror }: Pick<Setting, 'ages' | 'mirror'>,
  pace: Pace,
): CueFigure {
  const { kind, doing } = cue;
  const inStep = isWork(cue);
  const usual = move ? secondsPerRep(move, ages, pace) : 1;
  return {
    held: doing?.unit === 'hold' && kind !== 'show',
    flip: sideOf(cue, mirror ?? true)?.move === 'left',
    secondsPerRep: (inStep && doing?.secondsPerCount) || usual,
    inStep,
  };
}
