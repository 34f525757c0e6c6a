import { reachOf, type Body, type Side } from '../body/body';
import { bodyOf } from '../body/contacts';
import { cameraOf, screenAxes } from '../drawing/camera';
import type { Figure } from '../../model/figure';
import { beyondRange } from '../body/joint-angles';
import { standing } from '../motion/standing';
import type { Pose } from '../../model/pose';
import { ARM, LEG, THICK } from '../body/proportions';
import { add, along, minus, size, times, normalise, type Vec } from '../body/vec';

/** What of a posture can be taken hold of. */
export const HANDLES = [
  'left hand',
  'right hand',
  'left foot',
  'right foot',
  'hips',
  'chest',
  'head',
] as const;
export type Handle = (typeof HANDLES)[number];

/** Where a handle is. */
export function handleAt(body: Body, handle: Handle): Vec {
  switch (handle) {
    case 'left hand':
      return body.arms.L.hand;
    case 'right hand':
      return body.arms.R.hand;
    case 'left foot':
      return body.legs.L.ankle;
    case 'right foot':
      return body.legs.R.ankle;
    case 'hips':
      return body.hips;
    case 'chest':
      return along(body.belly, body.trunk.up, 0.08);
    case 'head':
      return along(body.head, body.skull.up, 0.05);
  }
}

/** Lower than this a hand is set down on the floor, in heights. */
const SET_DOWN = THICK.hand + 0.03;

const round = (value: number) => Math.round(value * 1000) / 1000;

/** A reach no longer than the limb, as it is written. */
function written(reach: Vec): Vec {
  const [a, b, c] = size(reach) > 1 ? normalise(reach) : reach;
  return [round(a), round(b), round(c)];
}

function withHand(pose: Pose, body: Body, side: Side, by: Vec): Pose {
  const { shoulder, hand } = body.arms[side];
  const to = add(hand, by);
  const reach = written(reachOf(shoulder, to, ARM, pose.turn, side));
  return {
    ...pose,
    [`arm${side}`]: { ...pose[`arm${side}`], reach },
    [`floor${side}`]: to[1] < SET_DOWN,
  };
}

function withFoot(pose: Pose, body: Body, side: Side, by: Vec): Pose {
  const { hip, ankle } = body.legs[side];
  const reach = written(reachOf(hip, add(ankle, by), LEG, pose.turn, side));
  return { ...pose, [`leg${side}`]: { ...pose[`leg${side}`], reach } };
}

/** The hips move, and the feet stay where they are, as far as the legs go. */
const withHips = (pose: Pose, body: Body, by: Vec): Pose =>
  withFoot(withFoot(pose, body, 'L', times(by, -1)), body, 'R', times(by, -1));

/**
 * A pose in which two of its angles are turned so that a handle goes by so much in the picture: one
 * step of Newton's method on the measured slopes, damped where an angle does nothing in this view.
 */
function withAngles(
  figure: Figure,
  pose: Pose,
  handle: Handle,
  [first, second]: readonly ['tip' | 'nod', 'roll' | 'tilt'],
  dx: number,
  dy: number,
): Pose {
  const see = cameraOf(figure.view);
  // Against the hips: the whole figure comes down to the ground again.
  const spot = (now: Pose) => {
    const body = bodyOf(now);
    return see(minus(handleAt(body, handle), body.hips));
  };
  const here = spot(pose);
  const STEP = 2;
  const slope = (name: typeof first | typeof second) => {
    const there = spot({ ...pose, [name]: pose[name] + STEP });
    return [(there.x - here.x) / STEP, (there.y - here.y) / STEP] as const;
  };
  const [a, b] = [slope(first), slope(second)];
  const damp = 2e-6;
  const [aa, ab, bb] = [
    a[0] * a[0] + a[1] * a[1] + damp,
    a[0] * b[0] + a[1] * b[1],
    b[0] * b[0] + b[1] * b[1] + damp,
  ];
  const [ad, bd] = [a[0] * dx + a[1] * dy, b[0] * dx + b[1] * dy];
  const whole = aa * bb - ab * ab;
  const clamped = (degrees: number) => Math.max(-25, Math.min(25, degrees));
  const turnBy = clamped((ad * bb - bd * ab) / whole);
  const rollBy = clamped((bd * aa - ad * ab) / whole);
  return {
    ...pose,
    [first]: round(pose[first] + turnBy),
    [second]: round(pose[second] + rollBy),
  };
}

/**
 * A pose with a handle moved in the picture, in heights of the figure: `dx` to the right, `dy` down.
 * Limbs keep their lengths, a hand that comes down to the floor is set on it. The same pose, where a
 * child's joints go no further.
 */
export function moveHandle(
  figure: Figure,
  pose: Pose,
  handle: Handle,
  dx: number,
  dy: number,
): Pose {
  const body = standing(figure, pose);
  const { right, up } = screenAxes(figure.view);
  const by = add(times(right, dx), times(up, -dy));
  const moved = (): Pose => {
    switch (handle) {
      case 'left hand':
        return withHand(pose, body, 'L', by);
      case 'right hand':
        return withHand(pose, body, 'R', by);
      case 'left foot':
        return withFoot(pose, body, 'L', by);
      case 'right foot':
        return withFoot(pose, body, 'R', by);
      case 'hips':
        return withHips(pose, body, by);
      case 'chest':
        return withAngles(figure, pose, handle, ['tip', 'roll'], dx, dy);
      case 'head':
        return withAngles(figure, pose, handle, ['nod', 'tilt'], dx, dy);
    }
  };
  return keptInRange(pose, moved());
}

/** The new pose, or the old one where the new one bends a joint further than a child's goes. */
export function keptInRange(pose: Pose, next: Pose): Pose {
  const over = (one: Pose) => new Map(beyondRange(bodyOf(one)));
  const before = over(pose);
  for (const [joint, degrees] of over(next)) {
    if (degrees > (before.get(joint) ?? 0) + 0.01) return pose;
  }
  return next;
}
