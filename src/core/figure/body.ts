import type { Limb, Pose } from './pose';
import { ARM, LEG, SIZES, THICK } from './proportions';
import {
  across,
  add,
  along,
  cross,
  dot,
  minus,
  mix,
  size,
  times,
  turned,
  unit,
  type Vec,
} from './vec';

export type Side = 'L' | 'R';
export const SIDES = ['L', 'R'] as const;

/** Three directions of a part of the body. */
export type Axes = Readonly<{ left: Vec; up: Vec; front: Vec }>;

export type ArmBones = Readonly<{ shoulder: Vec; elbow: Vec; hand: Vec }>;
export type LegBones = Readonly<{ hip: Vec; knee: Vec; ankle: Vec; heel: Vec; toe: Vec }>;

/** Where every joint is, in heights of the figure, the ground at y = 0. */
export type Body = Readonly<{
  hips: Vec;
  belly: Vec;
  /** Between the shoulders. */
  chest: Vec;
  head: Vec;
  pelvis: Axes;
  trunk: Axes;
  skull: Axes;
  arms: Readonly<Record<Side, ArmBones>>;
  legs: Readonly<Record<Side, LegBones>>;
}>;

const OUT: Readonly<Record<Side, number>> = { L: 1, R: -1 };
const X: Vec = [1, 0, 0];
const Y: Vec = [0, 1, 0];
const Z: Vec = [0, 0, 1];

const spunAll = ({ left, up, front }: Axes, axis: Vec, degrees: number): Axes => ({
  left: turned(left, axis, degrees),
  up: turned(up, axis, degrees),
  front: turned(front, axis, degrees),
});

/** Axes bent forward, to the left, and twisted to the left, about themselves. */
function bent(axes: Axes, forward: number, side: number, twist: number): Axes {
  const twisted = spunAll(axes, axes.up, twist);
  const sideways = spunAll(twisted, twisted.front, -side);
  return spunAll(sideways, sideways.left, forward);
}

/** Where the middle joint of a limb is, from its root to its end; `pole` says which way it bends. */
function middleOf(root: Vec, end: Vec, first: number, second: number, pole: Vec): Vec {
  const far = size(minus(end, root));
  const line = unit(minus(end, root), [0, -1, 0]);
  const on = (first * first - second * second + far * far) / (2 * far);
  const off = Math.sqrt(Math.max(0, first * first - on * on));
  return add(along(root, line, on), times(pole, off));
}

/** The end of a limb: where it reaches, as far as it can. Never closer than a fifth, never beyond. */
function endOf(root: Vec, towards: Vec, length: number): Vec {
  const far = Math.min(Math.max(size(towards), 0.2), 0.9995);
  return along(root, unit(towards, [0, -1, 0]), far * length);
}

function armOf(shoulder: Vec, towards: Vec, swing: number, side: Side, trunk: Axes): ArmBones {
  const hand = endOf(shoulder, towards, ARM);
  const line = unit(minus(hand, shoulder), [0, -1, 0]);
  // An elbow hangs: down, outwards and a little behind.
  const rest = add(
    add(times(trunk.left, 0.55 * OUT[side]), times(trunk.up, -0.7)),
    times(trunk.front, -0.45),
  );
  const pole = turned(across(rest, line, trunk.front), line, swing * OUT[side]);
  return {
    shoulder,
    hand,
    elbow: middleOf(shoulder, hand, SIZES.upperArm, SIZES.forearm, pole),
  };
}

/** How far a foot can be pointed and pulled up from square to the shin, degrees. */
const ANKLE = { pointed: 70, pulled: 45 };

/** A foot's direction, no farther from square to the shin than an ankle goes. */
function withinAnkle(foot: Vec, shin: Vec, square: Vec): Vec {
  const [down, front] = [dot(foot, shin), dot(foot, square)];
  const aside = minus(foot, add(times(shin, down), times(square, front)));
  const angle = (Math.atan2(down, front) * 180) / Math.PI;
  const kept = Math.max(-ANKLE.pulled, Math.min(ANKLE.pointed, angle));
  if (kept === angle) return foot;
  const flat = Math.hypot(down, front);
  const [sin, cos] = [Math.sin((kept * Math.PI) / 180), Math.cos((kept * Math.PI) / 180)];
  return unit(add(aside, add(times(shin, sin * flat), times(square, cos * flat))), square);
}

function legOf(
  hip: Vec,
  ankle: Vec,
  swing: number,
  foot: Pose['footL'],
  side: Side,
  pelvis: Axes,
  facing: Vec,
): LegBones {
  const line = unit(minus(ankle, hip), [0, -1, 0]);
  // A knee bends to the front; where the leg itself goes to the front, upwards.
  const rest = add(pelvis.front, times(pelvis.up, 0.35));
  const pole = turned(across(rest, line, pelvis.up), line, -swing * OUT[side]);
  const knee = middleOf(hip, ankle, SIZES.thigh, SIZES.shin, pole);
  const shin = unit(minus(ankle, knee), line);
  const forward = across(add(times(pole, 0.8), times(facing, 0.5)), Y, facing);
  const flat = turned(forward, unit(cross(Y, forward), X), foot.heel * 52);
  // Square to the shin, on the knee's side of it.
  const square = across(pole, shin, pelvis.front);
  const pointed = unit(add(times(shin, 0.85), times(square, 0.5)));
  const wanted = unit(mix(flat, foot.point < 0 ? square : pointed, Math.abs(foot.point)), flat);
  const toeward = withinAnkle(wanted, shin, square);
  const soleward = across(times(shin, 1), toeward, [0, -1, 0]);
  const under = along(ankle, soleward, SIZES.ankle - THICK.sole);
  return {
    hip,
    knee,
    ankle,
    heel: along(under, toeward, -SIZES.heel + THICK.sole),
    toe: along(under, toeward, SIZES.foot - SIZES.heel - THICK.sole),
  };
}

const facingOf = (pose: Pose): Axes => spunAll({ left: X, up: Y, front: Z }, Y, pose.turn);

const seenFrom = ({ reach: [out, up, front] }: Limb, side: Side, facing: Axes): Vec =>
  add(add(times(facing.left, out * OUT[side]), times(facing.up, up)), times(facing.front, front));

/** Everything of a posture but its height above the ground: the hips at the origin. */
function hungOf(pose: Pose) {
  const facing = facingOf(pose);
  const tipped = spunAll(facing, facing.left, pose.tip);
  const rolled = spunAll(tipped, tipped.front, -pose.roll);
  const pelvis = spunAll(rolled, rolled.up, pose.spin);
  const middle = bent(pelvis, pose.bend / 2, pose.side / 2, pose.twist / 2);
  const trunk = bent(pelvis, pose.bend, pose.side, pose.twist);
  const skull = bent(trunk, pose.nod, pose.tilt, pose.look);
  const belly = times(middle.up, SIZES.belly);
  const chest = along(belly, trunk.up, SIZES.chest);
  const head = along(chest, skull.up, SIZES.neck + SIZES.headRadius);
  return { facing, pelvis, trunk, skull, belly, chest, head };
}

const lowestOf = (points: readonly (readonly [Vec, number])[]): number =>
  Math.min(...points.map(([point, radius]) => point[1] - radius));

const legPoints = (leg: LegBones): readonly (readonly [Vec, number])[] => [
  [leg.knee, THICK.knee],
  [leg.heel, THICK.sole],
  [leg.toe, THICK.sole],
];

const armPoints = (arm: ArmBones): readonly (readonly [Vec, number])[] => [
  [arm.elbow, THICK.elbow],
  [arm.hand, THICK.hand],
];

/** What may touch the ground, with how thick it is there. */
export function touching(body: Body): readonly (readonly [Vec, number])[] {
  return [
    [body.hips, THICK.hips],
    [body.belly, THICK.chest],
    [body.chest, THICK.chest],
    [body.head, SIZES.headRadius],
    ...SIDES.flatMap((side) => [...legPoints(body.legs[side]), ...armPoints(body.arms[side])]),
  ];
}

/** The lowest point of a body, in heights of the figure above the ground. */
export const lowestPoint = (body: Body): number => lowestOf(touching(body));

/** A foot this near to the ground is set down on it, in heights. */
const MAGNET = 0.035;

/**
 * The body in a pose: what is lowest stands on the ground, or `air` above it. Limbs that reach
 * further than they are long are straight.
 */
export function bodyOf(pose: Pose): Body {
  const { facing, pelvis, trunk, skull, belly, chest, head } = hungOf(pose);
  const legAt = (side: Side, ankle: Vec, from: Vec) =>
    legOf(from, ankle, pose[`leg${side}`].swing, pose[`foot${side}`], side, pelvis, facing.front);
  const hipOf = (side: Side) => times(pelvis.left, SIZES.halfHips * OUT[side]);
  const shoulderOf = (side: Side) =>
    add(along(chest, trunk.up, -0.018), times(trunk.left, SIZES.halfShoulders * OUT[side]));
  const legs = SIDES.map((side) => {
    const hip = hipOf(side);
    return legAt(side, endOf(hip, seenFrom(pose[`leg${side}`], side, facing), LEG), hip);
  });
  const arms = SIDES.map((side) => {
    const limb = pose[`arm${side}`];
    return armOf(shoulderOf(side), seenFrom(limb, side, facing), limb.swing, side, trunk);
  });
  const lowest = lowestOf([
    [[0, 0, 0], THICK.hips],
    [belly, THICK.chest],
    [chest, THICK.chest],
    [head, SIZES.headRadius],
    ...legs.flatMap(legPoints),
    ...SIDES.flatMap((side, n) => (pose[`floor${side}`] ? [] : armPoints(arms[n]!))),
  ]);
  const hips: Vec = [pose.x, pose.air - lowest, pose.z];
  const put = (point: Vec) => add(point, hips);

  const legPut = (side: Side, n: number): LegBones => {
    const leg = legs[n]!;
    const hip = put(leg.hip);
    let now = legAt(side, put(leg.ankle), hip);
    if (pose.air > 0 || Math.abs(pose[`foot${side}`].point) > 0.5) return now;
    // Nearly down: down, as far as the leg can. The sole turns with the leg, so twice.
    for (let n = 0; n < 2; n += 1) {
      const above = lowestOf([
        [now.heel, THICK.sole],
        [now.toe, THICK.sole],
      ]);
      if (above > MAGNET) return now;
      const [x, y, z] = now.ankle;
      now = legAt(side, endOf(hip, times(minus([x, y - above, z], hip), 1 / LEG), LEG), hip);
    }
    return now;
  };
  const armPut = (side: Side, n: number): ArmBones => {
    const { shoulder } = arms[n]!;
    const limb = pose[`arm${side}`];
    const from = put(shoulder);
    const towards = seenFrom(limb, side, facing);
    if (!pose[`floor${side}`]) return armOf(from, towards, limb.swing, side, trunk);
    const down: Vec = [towards[0], (THICK.hand - from[1]) / ARM, towards[2]];
    return armOf(from, down, limb.swing, side, trunk);
  };
  return {
    hips,
    belly: put(belly),
    chest: put(chest),
    head: put(head),
    pelvis,
    trunk,
    skull,
    arms: { L: armPut('L', 0), R: armPut('R', 1) },
    legs: { L: legPut('L', 0), R: legPut('R', 1) },
  };
}
