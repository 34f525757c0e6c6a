import { spunAll, type Axes } from './axes';
import { SIZES } from './proportions';
import { along, cross, normalise, RADIANS, type Vec } from './vec';

const X: Vec = [1, 0, 0];
const Y: Vec = [0, 1, 0];

/** A head that would lift the rest off the ground by less than this gives way, in heights. */
const HEAD_GIVES = 0.045;

/** A back that rises no more than this over its length lies. */
export const LYING = 0.4;

/** The head turned up about the neck, so that it is `by` higher; less where that would be far. */
export function raisedHead(
  chest: Vec,
  skull: Axes,
  by: number,
  lies: number,
): Readonly<{ skull: Axes; head: Vec }> {
  const far = SIZES.neck + SIZES.headRadius;
  const share = lies * Math.min(1, Math.max(0, 2 - by / HEAD_GIVES));
  const now = skull.up[1];
  const then = Math.min(0.999, now + (Math.max(0, by) * share) / far);
  const degrees = (Math.asin(then) - Math.asin(Math.max(-1, Math.min(0.999, now)))) / RADIANS;
  const axis = normalise(cross(skull.up, Y), X);
  const turnedUp = degrees > 0 ? spunAll(skull, axis, degrees) : skull;
  return { skull: turnedUp, head: along(chest, turnedUp.up, far) };
}
