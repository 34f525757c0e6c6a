import type { Pose } from '../../model/pose';
import { raisedHead } from './lying-head';
import { spunAll, type Axes } from './axes';
import {
  armOf,
  endOf,
  legOf,
  OUT,
  seenFrom,
  SIDES,
  type ArmBones,
  type LegBones,
  type Side,
} from './limbs';
import { ARM, LEG, SIZES, THICK } from './proportions';
import { add, along, minus, times, type Vec, ZERO } from './vec';

export type { Axes } from './axes';
export { OUT, reachOf, SIDES, STRAIGHT, type ArmBones, type LegBones, type Side } from './limbs';

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

const X: Vec = [1, 0, 0];
const Y: Vec = [0, 1, 0];
const Z: Vec = [0, 0, 1];

/** Axes bent forward, to the left, and twisted to the left, about themselves. */
function bent(axes: Axes, forward: number, side: number, twist: number): Axes {
  const twisted = spunAll(axes, axes.up, twist);
  const sideways = spunAll(twisted, twisted.front, -side);
  return spunAll(sideways, sideways.left, forward);
}

const underHead = ({ head }: Pick<Body, 'head'>): number => head[1] - SIZES.headRadius;

const underTrunk = ({ hips, belly, chest }: Body): number =>
  Math.min(hips[1] - THICK.hips, belly[1] - THICK.chest, chest[1] - THICK.chest);

/** How far hips, back and head are above the ground, in heights. */
export const underTrunkAndHead = (body: Body): number =>
  Math.min(underTrunk(body), underHead(body));

/** The lowest of what may touch the ground besides the head, thick as it is there; with the arms of some sides. */
function lowestUnder(body: Body, armsOf: readonly Side[]): number {
  const { legs, arms } = body;
  let lowest = underTrunk(body);
  for (const side of SIDES) {
    const { knee, heel, toe } = legs[side];
    const sole = Math.min(heel[1], toe[1]) - THICK.sole;
    lowest = Math.min(lowest, knee[1] - THICK.knee, sole);
  }
  for (const side of armsOf) {
    const { elbow, hand } = arms[side];
    lowest = Math.min(lowest, elbow[1] - THICK.elbow, hand[1] - THICK.hand);
  }
  return lowest;
}

/** The lowest point of a body, in heights of the figure above the ground. */
export const lowestPoint = (body: Body): number =>
  Math.min(underHead(body), lowestUnder(body, SIDES));

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

const facingOf = ({ turn }: Pick<Pose, 'turn'>): Axes =>
  spunAll({ left: X, up: Y, front: Z }, Y, turn);

/** The leg of a pose from a hip to an ankle. */
export const legTo = (
  pose: Pose,
  { pelvis }: Pick<Body, 'pelvis'>,
  side: Side,
  hip: Vec,
  ankle: Vec,
): LegBones =>
  legOf(
    hip,
    endOf(hip, times(minus(ankle, hip), 1 / LEG), LEG),
    pose[`leg${side}`].swing,
    pose[`foot${side}`],
    side,
    pelvis,
    facingOf(pose).front,
  );

/** The arm of a pose from a shoulder to a hand. */
export const armTo = (
  pose: Pose,
  { trunk }: Pick<Body, 'trunk'>,
  side: Side,
  shoulder: Vec,
  hand: Vec,
): ArmBones =>
  armOf(shoulder, times(minus(hand, shoulder), 1 / ARM), pose[`arm${side}`].swing, side, trunk);

/**
 * The body as a pose is written: what is lowest stands on the ground, or `air` above it, hands that are
 * set down are on the floor. Limbs that reach further than they are long are straight.
 */
export function looseBody(pose: Pose): Body {
  const facing = facingOf(pose);
  const tipped = spunAll(facing, facing.left, pose.tip);
  const rolled = spunAll(tipped, tipped.front, -pose.roll);
  const pelvis = spunAll(rolled, rolled.up, pose.spin);
  const middle = bent(pelvis, pose.bend / 2, pose.side / 2, pose.twist / 2);
  const trunk = bent(pelvis, pose.bend, pose.side, pose.twist);
  const skull = bent(trunk, pose.nod, pose.tilt, pose.look);
  const belly = times(middle.up, SIZES.belly);
  const chest = along(belly, trunk.up, SIZES.chest);

  const legAt = (side: Side): LegBones => {
    const hip = times(pelvis.left, SIZES.halfHips * OUT[side]);
    const towards = times(seenFrom(pose[`leg${side}`], side, facing), LEG);
    return legTo(pose, { pelvis }, side, hip, add(hip, towards));
  };
  const armAt = (side: Side): ArmBones => {
    const out = times(trunk.left, SIZES.halfShoulders * OUT[side]);
    const shoulder = add(along(chest, trunk.up, SHRUG.down + SHRUG.up * pose.shrug), out);
    const towards = times(seenFrom(pose[`arm${side}`], side, facing), ARM);
    return armTo(pose, { trunk }, side, shoulder, add(shoulder, towards));
  };
  /** Everything but its height above the ground: the hips at the origin. */
  const upright: Body = {
    hips: ZERO,
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
  const rest = lowestUnder(upright, free);
  const over = rest - underHead(upright);
  const hung: Body =
    over > 0 && free.length === SIDES.length
      ? { ...upright, ...raisedHead(chest, trunk, skull, over) }
      : upright;
  const lowest = Math.min(rest, underHead(hung));
  const body = movedBody(hung, [pose.x, pose.air - lowest, pose.z]);
  const onFloor = (side: Side): ArmBones => {
    const arm = body.arms[side];
    if (!pose[`floor${side}`]) return arm;
    const { shoulder } = arm;
    const [x, , z] = add(shoulder, times(seenFrom(pose[`arm${side}`], side, facing), ARM));
    return armTo(pose, body, side, shoulder, [x, THICK.hand, z]);
  };
  return { ...body, arms: { L: onFloor('L'), R: onFloor('R') } };
}
