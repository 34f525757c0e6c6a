/** A place or a direction in space: x to the figure's left, y up, z to its front. */
export type Vec = readonly [x: number, y: number, z: number];

/** Nowhere else, or no way at all. */
export const ZERO: Vec = [0, 0, 0];

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const minus = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
/** A length; written out, since this is asked for more than anything else and `Math.hypot` is slow. */
export const size = (a: Vec): number => Math.sqrt(dot(a, a));
export const apart = (a: Vec, b: Vec): number => size(minus(a, b));
export const lerp = (a: Vec, b: Vec, t: number): Vec => add(times(a, 1 - t), times(b, t));
export const along = (from: Vec, direction: Vec, far: number): Vec =>
  add(from, times(direction, far));

/** The direction of `a`, or `otherwise` where `a` has next to no length. */
export function normalise(a: Vec, otherwise: Vec = [0, 1, 0]): Vec {
  const length = size(a);
  return length < 1e-9 ? otherwise : times(a, 1 / length);
}

/** A degree, in radians. */
export const RADIANS = Math.PI / 180;

/** `a` turned about a unit axis by degrees, right-handed (Rodrigues' rotation formula). */
export function turned(a: Vec, axis: Vec, degrees: number): Vec {
  const [cos, sin] = [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
  return add(add(times(a, cos), times(cross(axis, a), sin)), times(axis, dot(axis, a) * (1 - cos)));
}

/** The angle between two directions, degrees, 0 to 180. */
export const angleBetween = (a: Vec, b: Vec): number =>
  Math.atan2(size(cross(a, b)), dot(a, b)) / RADIANS;

/**
 * From `a` to `b` round the shorter way, their lengths changing evenly; `t` from 0 to 1. Opposite
 * directions go round by the front.
 */
export function swung(a: Vec, b: Vec, t: number): Vec {
  const angle = angleBetween(a, b);
  const far = size(a) * (1 - t) + size(b) * t;
  if (angle < 0.5) return times(normalise(lerp(a, b, t), normalise(a)), far);
  const axis = angle > 179 ? normalise(cross(a, [0, 0, 1]), [1, 0, 0]) : normalise(cross(a, b));
  return times(turned(normalise(a), axis, angle * t), far);
}

/** `a` without what lies along the unit `axis`; `otherwise` where nothing is left. */
export function across(a: Vec, axis: Vec, otherwise: Vec): Vec {
  const rest = minus(a, times(axis, dot(a, axis)));
  if (size(rest) > 1e-6) return normalise(rest);
  return normalise(minus(otherwise, times(axis, dot(otherwise, axis))), otherwise);
}
