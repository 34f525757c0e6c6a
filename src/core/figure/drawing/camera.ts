import type { View } from '../../model/figure';
import { RADIANS, type Vec } from '../body/vec';

/** A place in the picture: x to the right, y down, in heights; `depth` grows towards who looks. */
export type Spot = Readonly<{ x: number; y: number; depth: number }>;

export type Camera = (place: Vec) => Spot;

/** How far round and how far down each view looks from, degrees. Our own judgement. */
const VIEWS: Readonly<Record<View, readonly [yaw: number, pitch: number]>> = {
  front: [0, 7],
  side: [76, 7],
  corner: [38, 9],
  behind: [150, 7],
  // For who lies: the head to the left, and not so steep that nothing stands up.
  above: [90, 58],
};

/** A camera so far off that near and far are the same size. `flip` changes left and right over. */
export function cameraOf(view: View, flip = false): Camera {
  const [yaw, pitch] = VIEWS[view];
  const [sin, cos] = [Math.sin(yaw * RADIANS), Math.cos(yaw * RADIANS)];
  const [dip, level] = [Math.sin(pitch * RADIANS), Math.cos(pitch * RADIANS)];
  const hand = flip ? -1 : 1;
  return ([x, y, z]) => {
    const near = z * cos - x * sin;
    return {
      x: (x * cos + z * sin) * hand,
      y: near * dip - y * level,
      depth: near * level + y * dip,
    };
  };
}

/**
 * Whether a figure has to be changed over so that what is done with its one side is done at the `side` of
 * the picture: seen from in front its right limb is at the left; from the side and from behind at the right.
 */
export function flipFor(view: View, side: 'left' | 'right'): boolean {
  const isCrossed = view === 'front' || view === 'corner';
  return isCrossed === (side === 'right');
}

/** Which ways in space are to the right and up in the picture. */
export function screenAxes(view: View): Readonly<{ right: Vec; up: Vec }> {
  const [yaw, pitch] = VIEWS[view];
  const [sin, cos] = [Math.sin(yaw * RADIANS), Math.cos(yaw * RADIANS)];
  const [dip, level] = [Math.sin(pitch * RADIANS), Math.cos(pitch * RADIANS)];
  return { right: [cos, 0, sin], up: [sin * dip, level, -cos * dip] };
}
