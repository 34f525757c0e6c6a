import type { Posture } from '../model/move';

/*
 * Every default length of the schedule, in seconds, with where it comes from.
 */

/** The shortest time that any spoken line takes. Our own judgement. */
export const SHORTEST_LINE_SECONDS = 1;
/** Children need about this long before they answer. M. B. Rowe, "Wait time" (1986). */
export const QUESTION_WAIT_SECONDS = 3;
/** Showing one move, unless its line takes longer. Our own judgement. */
export const SHOW_SECONDS = 5;
/** Getting into a hold before its clock starts, so that everyone is in it. Our own judgement. */
export const HOLD_READY_SECONDS = 4;
/** Swapping legs or arms. Our own judgement, below a whole change-over. */
export const SWAP_SECONDS = 3;
/** Turning round at the far end of a way there and back. Our own judgement. */
export const TURN_SECONDS = 2;
/** From one move to another on the feet. Common practice: 5-10 s. */
export const CHANGE_SECONDS = 5;
/** More, if the floor is involved, so that it comes to 8 s. Common practice: 5-10 s. */
export const CHANGE_TO_FLOOR_EXTRA_SECONDS = 3;
/** More, if lying down is involved, so that it comes to 10 s. Common practice. */
export const CHANGE_TO_LYING_EXTRA_SECONDS = 5;
/** More, to fetch or put away kit. Common practice: "more with kit". */
export const CHANGE_KIT_EXTRA_SECONDS = 3;
/** A drink. Common practice: about 30 s. */
export const DRINK_SECONDS = 30;
/** Rolling, spinning or drawing, and reading what it is. Our own judgement. */
export const DRAW_SECONDS = 4;
/** Reading the next one out, or calling it. Our own judgement. */
export const READ_OUT_SECONDS = 2;
/** A circuit's usual work and rest. Common practice: timed work 20-45 s, rests 10-15 s. */
export const CIRCUIT_WORK_SECONDS = 30;
export const CIRCUIT_REST_SECONDS = 15;
/** Metres that a step covers, if the move does not say. Our own judgement. */
export const STEP_METRES = 0.4;

type Level = 'up' | 'low' | 'lying';

function levelOf(posture: Posture): Level {
  if (posture === 'lying') return 'lying';
  return posture === 'standing' || posture === 'crouching' ? 'up' : 'low';
}

/** Seconds beyond a plain change-over to get from one posture to another; 0 on one level. */
export function postureExtraSeconds(from: Posture, to: Posture): number {
  const levels = [levelOf(from), levelOf(to)];
  if (levels[0] === levels[1]) return 0;
  return levels.includes('lying') ? CHANGE_TO_LYING_EXTRA_SECONDS : CHANGE_TO_FLOOR_EXTRA_SECONDS;
}
