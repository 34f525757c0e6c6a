import type { Limb, Pose } from '../../model/pose';
import type { Axes } from './axes';
import { ARM, SIZES, THICK } from './proportions';
import {
  across,
  add,
  along,
  cross,
  dot,
  lerp,
  minus,
  normalise,
  RADIANS,
  size,
  times,
  turned,
  type Vec,
} from './vec';

export type Side = 'L' | 'R';
export const SIDES = ['L', 'R'] as const;

export type ArmBones = Readonly<{ shoulder: Vec; elbow: Vec; hand: Vec }>;
export type LegBones = Readonly<{ hip: Vec; knee: Vec; ankle: Vec; heel: Vec; toe: Vec }>;

/** Outwards along x, for each side. */
export const OUT: Readonly<Record<Side, 1 | -1>> = { L: 1, R: -1 };
const X: Vec = [1, 0, 0];
const Y: Vec = [0, 1, 0];

/** Where the middle joint of a limb is, from its root to its end; `pole` says which way it bends. */
function middleOf(root: Vec, end: Vec, first: number, second: number, pole: Vec): Vec {
  const far = size(minus(end, root));
  const line = normalise(minus(end, root), [0, -1, 0]);
  const on = (first * first - second * second + far * far) / (2 * far);
  const off = Math.sqrt(Math.max(0, first * first - on * on));
  return add(along(root, line, on), times(pole, off));
}

/** Of a straight limb: a little less than all of it, so that its joint has a side to bend to. */
export const STRAIGHT = 0.9995;

/** The end of a limb: where it reaches, as far as it can. Never closer than a fifth, never beyond. */
export function endOf(root: Vec, towards: Vec, length: number): Vec {
  const far = Math.min(Math.max(size(towards), 0.2), STRAIGHT);
  return along(root, normalise(towards, [0, -1, 0]), far * length);
}

export function armOf(
  shoulder: Vec,
  towards: Vec,
  swing: number,
  side: Side,
  trunk: Axes,
): ArmBones {
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

export function legOf(
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

/** Where a limb reaches, in lengths of the straight limb, for a body that faces so. */
export const seenFrom = ({ reach: [out, up, front] }: Limb, side: Side, facing: Axes): Vec =>
  add(add(times(facing.left, out * OUT[side]), times(facing.up, up)), times(facing.front, front));

/** What a limb reaches, from its root to its end: `seenFrom` the other way round. */
export function reachOf(root: Vec, end: Vec, length: number, turn: number, side: Side): Vec {
  const [x, y, z] = turned(times(minus(end, root), 1 / length), Y, -turn);
  return [x * OUT[side], y, z];
}
