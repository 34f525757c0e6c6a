import { OUT, SIDES, type Body, type Side } from './body';
import { across, angleBetween, dot, minus, RADIANS, times, normalise, type Vec } from './vec';

/** The joints that are measured. Degrees. */
export const JOINTS = [
  'hip bent',
  'hip stretched back',
  'hip spread',
  'knee bent',
  'foot pointed',
  'foot pulled up',
  'shoulder raised',
  'shoulder drawn back',
  'shoulder crossed over',
  'elbow bent',
  'back bent',
  'back arched',
  'back bent aside',
  'back twisted',
  'head nodded',
  'head leant back',
  'head tilted',
  'head turned',
] as const;
export type Joint = (typeof JOINTS)[number];

/**
 * The most that a child of 3 to 7 plausibly does, in degrees. From memory: the ranges of motion that
 * orthopaedic handbooks give for adults, with a little more for children, who bend further; where two
 * joints act together here (the whole back, the whole neck, the hip with the tilt of the hips), the
 * sum of both. Our own judgement, not a published table.
 */
export const CHILD_RANGES: Readonly<Record<Joint, number>> = {
  'hip bent': 140,
  'hip stretched back': 40,
  'hip spread': 80,
  'knee bent': 158,
  'foot pointed': 75,
  'foot pulled up': 50,
  'shoulder raised': 180,
  'shoulder drawn back': 90,
  'shoulder crossed over': 60,
  'elbow bent': 155,
  'back bent': 75,
  'back arched': 65,
  'back bent aside': 40,
  'back twisted': 50,
  'head nodded': 60,
  'head leant back': 75,
  'head tilted': 45,
  'head turned': 80,
};

/** How far one part's axes are turned in another's: bent forward, to the left, twisted; degrees. */
function turnsBetween(lower: Body['pelvis'], upper: Body['pelvis']) {
  const [x, y, z] = [
    dot(upper.up, lower.left),
    dot(upper.up, lower.up),
    dot(upper.up, lower.front),
  ];
  const forward = Math.atan2(z, Math.hypot(x, y)) / RADIANS;
  const aside = Math.atan2(x, Math.hypot(y, z)) / RADIANS;
  // Beyond a right angle the direction has passed over: measured round the back of it.
  const bent = y < 0 ? Math.sign(z) * (180 - Math.abs(forward)) : forward;
  const front = across(upper.front, lower.up, lower.front);
  const twist =
    (Math.atan2(dot(front, lower.left), dot(front, lower.front)) / RADIANS) * (y < 0.3 ? 0 : 1);
  return { bent, aside, twist };
}

/** Every joint of a body, in degrees; the larger of left and right. */
export function jointAngles(body: Body): Readonly<Record<Joint, number>> {
  const { pelvis, trunk, skull } = body;
  const back = turnsBetween(pelvis, trunk);
  const neck = turnsBetween(trunk, skull);
  const both = (measure: (side: Side, out: number) => number) =>
    Math.max(...SIDES.map((side) => measure(side, OUT[side])));
  const thigh = (side: Side) => normalise(minus(body.legs[side].knee, body.legs[side].hip));
  const upperArm = (side: Side) =>
    normalise(minus(body.arms[side].elbow, body.arms[side].shoulder));
  /** Towards the front from hanging down, degrees; negative backwards. */
  const forward = (limb: Vec, { up, front, left }: Body['pelvis']) => {
    const flat = across(limb, left, front);
    return Math.atan2(dot(flat, front), -dot(flat, up)) / RADIANS;
  };
  const bentAt = (a: Vec, joint: Vec, b: Vec) => angleBetween(minus(joint, a), minus(b, joint));
  const hip = (side: Side, out: number) => {
    const limb = thigh(side);
    const spread = Math.asin(Math.max(-1, Math.min(1, dot(limb, pelvis.left) * out))) / RADIANS;
    // A leg that is spread wide has no telling forward or back.
    return { spread, bent: Math.abs(spread) > 60 ? 0 : forward(limb, pelvis) };
  };
  const ankle = (side: Side) => {
    const { knee, ankle: joint, heel, toe } = body.legs[side];
    return 90 - angleBetween(minus(joint, knee), minus(toe, heel));
  };
  const arm = (side: Side, out: number) => {
    const limb = upperArm(side);
    const sideways = dot(limb, trunk.left) * out;
    const raised = angleBetween(limb, times(trunk.up, -1));
    const behind = dot(limb, trunk.front) < -0.1;
    return {
      raised,
      // Behind the back: low and backwards, not out to the side and over.
      back: behind && sideways < 0.5 && raised < 120 ? raised : 0,
      crossed: sideways < 0 ? Math.asin(Math.min(1, -sideways)) / RADIANS : 0,
    };
  };
  return {
    'hip bent': both((side, out) => hip(side, out).bent),
    'hip stretched back': both((side, out) => -hip(side, out).bent),
    'hip spread': both((side, out) => hip(side, out).spread),
    'knee bent': both((side) => {
      const { hip: top, knee, ankle: low } = body.legs[side];
      return bentAt(top, knee, low);
    }),
    'foot pointed': both((side) => ankle(side)),
    'foot pulled up': both((side) => -ankle(side)),
    'shoulder raised': both((side, out) => arm(side, out).raised),
    'shoulder drawn back': both((side, out) => arm(side, out).back),
    'shoulder crossed over': both((side, out) => arm(side, out).crossed),
    'elbow bent': both((side) => {
      const { shoulder, elbow, hand } = body.arms[side];
      return bentAt(shoulder, elbow, hand);
    }),
    'back bent': back.bent,
    'back arched': -back.bent,
    'back bent aside': Math.abs(back.aside),
    'back twisted': Math.abs(back.twist),
    'head nodded': neck.bent,
    'head leant back': -neck.bent,
    'head tilted': Math.abs(neck.aside),
    'head turned': Math.abs(neck.twist),
  };
}

/** The joints of a body that are beyond a child's range, with how far they are, in degrees. */
export const beyondRange = (body: Body): readonly (readonly [Joint, number])[] =>
  Object.entries(jointAngles(body))
    .map(([joint, degrees]) => [joint as Joint, degrees] as const)
    .filter(([joint, degrees]) => degrees > CHILD_RANGES[joint] + 0.5);
