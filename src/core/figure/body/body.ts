import type { Limb, Pose } from '../../model/pose';
import { raisedHead } from './lying-head';
import { spunAll, type Axes } from './axes';
import { ARM, LEG, SIZES, THICK } from './proportions';
import {
  across,
  add,
  along,
  cross,
  dot,
  minus,
  lerp,
  RADIANS,
  size,
  times,
  turned,
  normalise,
  type Vec,
} from './vec';

export type Side = 'L' | 'R';
export const SIDES = ['L', 'R'] as const;

export type { Axes } from './axes';

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

/** Outwards along x, for each side. */
export const OUT: Readonly<Record<Side, 1 | -1>> = { L: 1, R: -1 };
const X: Vec = [1, 0, 0];
const Y: Vec = [0, 1, 0];
const Z: Vec = [0, 0, 1];

/** Axes bent forward, to the left, and twisted to the left, about themselves. */
function bent(axes: Axes, forward: number, side: number, twist: number): Axes {
  const twisted = spunAll(axes, axes.up, twist);
  const sideways = spunAll(twisted, twisted.front, -side);
  return spunAll(sideways, sideways.left, forward);
}

/** Where the middle joint of a limb is, from its root to its end; `pole` says which way it bends. */
function middleOf(root: Vec, end: Vec, first: number, second: number, pole: Vec): Vec {
  const far = size(minus(end, root));
  const line = normalise(minus(end, root), [0, -1, 0]);
  const on = (first * first - second * second + far * far) / (2 * far);
  const off = Math.sqrt(Math.max(0, first * first - on * on));
  return add(along(root, line, on), times(pole, off));
}

/** The end of a limb: where it reaches, as far as it can. Never closer than a fifth, never beyond. */
function endOf(root: Vec, towards: Vec, length: number): Vec {
  const far = Math.min(Math.max(size(towards), 0.2), 0.9995);
  return along(root, normalise(towards, [0, -1, 0]), far * length);
}

function armOf(shoulder: Vec, towards: Vec, swing: number, side: Side, trunk: Axes): ArmBones {
  const hand = endOf(shoulder, towards, ARM);
  const line = normalise(minus(hand, shoulder), [0, -1, 0]);
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
  const angle = Math.atan2(down, front) / RADIANS;
  const kept = Math.max(-ANKLE.pulled, Math.min(ANKLE.pointed, angle));
  if (kept === angle) return foot;
  const flat = Math.hypot(down, front);
  const [sin, cos] = [Math.sin(kept * RADIANS), Math.cos(kept * RADIANS)];
  return normalise(add(aside, add(times(shin, sin * flat), times(square, cos * flat))), square);
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
  const line = normalise(minus(ankle, hip), [0, -1, 0]);
  // A knee bends to the front; where the leg itself goes to the front, upwards.
  const rest = add(pelvis.front, times(pelvis.up, 0.35));
  const pole = turned(across(rest, line, pelvis.up), line, -swing * OUT[side]);
  const knee = middleOf(hip, ankle, SIZES.thigh, SIZES.shin, pole);
  const shin = normalise(minus(ankle, knee), line);
  const forward = across(add(times(pole, 0.8), times(facing, 0.5)), Y, facing);
  const flat = turned(forward, normalise(cross(Y, forward), X), foot.heel * 52);
  // Square to the shin, on the knee's side of it.
  const square = across(pole, shin, pelvis.front);
  const pointed = normalise(add(times(shin, 0.85), times(square, 0.5)));
  const wanted = normalise(
    lerp(flat, foot.point < 0 ? square : pointed, Math.abs(foot.point)),
    flat,
  );
  const toeward = withinAnkle(wanted, shin, square);
  const soleward = across(shin, toeward, [0, -1, 0]);
  const under = along(ankle, soleward, SIZES.ankle - THICK.sole);
  return {
    hip,
    knee,
    ankle,
    heel: along(under, toeward, -SIZES.heel + THICK.sole),
    toe: along(under, toeward, SIZES.foot - SIZES.heel - THICK.sole),
  };
}

const seenFrom = ({ reach: [out, up, front] }: Limb, side: Side, facing: Axes): Vec =>
  add(add(times(facing.left, out * OUT[side]), times(facing.up, up)), times(facing.front, front));

/** What a limb reaches, from its root to its end: `seenFrom` the other way round. */
export function reachOf(root: Vec, end: Vec, length: number, turn: number, side: Side): Vec {
  const [x, y, z] = turned(times(minus(end, root), 1 / length), Y, -turn);
  return [x * OUT[side], y, z];
}

type Solid = readonly [at: Vec, radius: number];

const lowestOf = (solids: readonly Solid[]): number =>
  Math.min(...solids.map(([at, radius]) => at[1] - radius));

const solesOf = ({ heel, toe }: LegBones): readonly Solid[] => [
  [heel, THICK.sole],
  [toe, THICK.sole],
];

const underHead = ({ head }: Pick<Body, 'head'>): number => head[1] - SIZES.headRadius;

/** What may touch the ground besides the head, with how thick it is there; with the arms of some sides. */
function solidsOf(body: Body, armsOf: readonly Side[]): readonly Solid[] {
  return [
    [body.hips, THICK.hips],
    [body.belly, THICK.chest],
    [body.chest, THICK.chest],
    ...SIDES.flatMap((side): Solid[] => [
      [body.legs[side].knee, THICK.knee],
      ...solesOf(body.legs[side]),
    ]),
    ...armsOf.flatMap((side): Solid[] => [
      [body.arms[side].elbow, THICK.elbow],
      [body.arms[side].hand, THICK.hand],
    ]),
  ];
}

/** The lowest point of a body, in heights of the figure above the ground. */
export const lowestPoint = (body: Body): number =>
  Math.min(underHead(body), lowestOf(solidsOf(body, SIDES)));

/** The whole body elsewhere. */
export function movedBody(body: Body, by: Vec): Body {
  const put = (point: Vec) => add(point, by);
  const arm = ({ shoulder, elbow, hand }: ArmBones): ArmBones => ({
    shoulder: put(shoulder),
    elbow: put(elbow),
    hand: put(hand),
  });
  const leg = ({ hip, knee, ankle, heel, toe }: LegBones): LegBones => ({
    hip: put(hip),
    knee: put(knee),
    ankle: put(ankle),
    heel: put(heel),
    toe: put(toe),
  });
  const { hips, belly, chest, head, arms, legs } = body;
  return {
    ...body,
    hips: put(hips),
    belly: put(belly),
    chest: put(chest),
    head: put(head),
    arms: { L: arm(arms.L), R: arm(arms.R) },
    legs: { L: leg(legs.L), R: leg(legs.R) },
  };
}

/** Shoulders under the top of the chest, and how far a shrug lifts them, in heights. */
const SHRUG = { down: -0.018, up: 0.04 } as const;

/** A foot this near to the ground is set down on it, in heights. */
const MAGNET = 0.035;

/**
 * The body in a pose: what is lowest stands on the ground, or `air` above it. Limbs that reach
 * further than they are long are straight.
 */
export function bodyOf(pose: Pose): Body {
  const facing = spunAll({ left: X, up: Y, front: Z }, Y, pose.turn);
  const tipped = spunAll(facing, facing.left, pose.tip);
  const rolled = spunAll(tipped, tipped.front, -pose.roll);
  const pelvis = spunAll(rolled, rolled.up, pose.spin);
  const middle = bent(pelvis, pose.bend / 2, pose.side / 2, pose.twist / 2);
  const trunk = bent(pelvis, pose.bend, pose.side, pose.twist);
  const skull = bent(trunk, pose.nod, pose.tilt, pose.look);
  const belly = times(middle.up, SIZES.belly);
  const chest = along(belly, trunk.up, SIZES.chest);

  const legTo = (side: Side, hip: Vec, ankle: Vec): LegBones =>
    legOf(hip, ankle, pose[`leg${side}`].swing, pose[`foot${side}`], side, pelvis, facing.front);
  const legAt = (side: Side): LegBones => {
    const hip = times(pelvis.left, SIZES.halfHips * OUT[side]);
    return legTo(side, hip, endOf(hip, seenFrom(pose[`leg${side}`], side, facing), LEG));
  };
  const armTo = (side: Side, shoulder: Vec, towards: Vec): ArmBones =>
    armOf(shoulder, towards, pose[`arm${side}`].swing, side, trunk);
  const armAt = (side: Side): ArmBones => {
    const out = times(trunk.left, SIZES.halfShoulders * OUT[side]);
    const shoulder = add(along(chest, trunk.up, SHRUG.down + SHRUG.up * pose.shrug), out);
    return armTo(side, shoulder, seenFrom(pose[`arm${side}`], side, facing));
  };
  /** Everything but its height above the ground: the hips at the origin. */
  const upright: Body = {
    hips: [0, 0, 0],
    belly,
    chest,
    head: along(chest, skull.up, SIZES.neck + SIZES.headRadius),
    pelvis,
    trunk,
    skull,
    arms: { L: armAt('L'), R: armAt('R') },
    legs: { L: legAt('L'), R: legAt('R') },
  };
  const free = SIDES.filter((side) => !pose[`floor${side}`]);
  const rest = lowestOf(solidsOf(upright, free));
  const over = rest - underHead(upright);
  const hung: Body =
    over > 0 && free.length === SIDES.length
      ? { ...upright, ...raisedHead(chest, trunk, skull, over) }
      : upright;
  const lowest = Math.min(rest, underHead(hung));
  const body = movedBody(hung, [pose.x, pose.air - lowest, pose.z]);

  /** Nearly down: down, as far as the leg can. The sole turns with the leg, so twice. */
  const setDown = (side: Side): LegBones => {
    let leg = body.legs[side];
    if (pose.air > 0 || Math.abs(pose[`foot${side}`].point) > 0.5) return leg;
    const { hip } = leg;
    for (let n = 0; n < 2; n += 1) {
      const above = lowestOf(solesOf(leg));
      if (above > MAGNET) return leg;
      const [x, y, z] = leg.ankle;
      leg = legTo(side, hip, endOf(hip, times(minus([x, y - above, z], hip), 1 / LEG), LEG));
    }
    return leg;
  };
  const onFloor = (side: Side): ArmBones => {
    const arm = body.arms[side];
    if (!pose[`floor${side}`]) return arm;
    const [x, , z] = seenFrom(pose[`arm${side}`], side, facing);
    return armTo(side, arm.shoulder, [x, (THICK.hand - arm.shoulder[1]) / ARM, z]);
  };
  return {
    ...body,
    arms: { L: onFloor('L'), R: onFloor('R') },
    legs: { L: setDown('L'), R: setDown('R') },
  };
}
