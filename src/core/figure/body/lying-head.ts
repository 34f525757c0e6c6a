import { spunAll, type Axes } from './axes';
import { SIZES } from './proportions';
import { along, cross, normalise, RADIANS, type Vec } from './vec';

const X: Vec = [1, 0, 0];
const Y: Vec = [0, 1, 0];

/** A back that rises no more than this over its length lies. */
const LYING = 0.4;
/** A head that would lift the rest off the ground by less than this gives way, in heights. */
const HEAD_GIVES = 0.045;

/**
 * Who lies has hips, back and head on the ground, though a head is thicker: it is turned up about the
 * neck, so that it is `by` higher; less the less the trunk lies, or where that would be far.
 */
export function raisedHead(
  chest: Vec,
  trunk: Axes,
  skull: Axes,
  by: number,
): Readonly<{ skull: Axes; head: Vec }> {
  const far = SIZES.neck + SIZES.headRadius;
  const lies = Math.max(0, 1 - (trunk.up[1] / LYING) ** 2);
  const share = lies * Math.min(1, Math.max(0, 2 - by / HEAD_GIVES));
  const now = skull.up[1];
  const then = Math.min(0.999, now + (by * share) / far);
  if (then <= now) return { skull, head: along(chest, skull.up, far) };
  const degrees = (Math.asin(then) - Math.asin(Math.max(-1, now))) / RADIANS;
  const raised = spunAll(skull, normalise(cross(skull.up, Y), X), degrees);
  return { skull: raised, head: along(chest, raised.up, far) };
}
