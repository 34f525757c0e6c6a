import type { Pose } from '../../model/pose';
import {
  armTo,
  legTo,
  looseBody,
  lowestPoint,
  movedBody,
  SIDES,
  STRAIGHT,
  underTrunkAndHead,
  type Body,
  type LegBones,
  type Side,
} from './body';
import { LEG, SIZES, THICK } from './proportions';
import { add, along, minus, normalise, size, type Vec } from './vec';

/** What of a limb is set down. */
export type LimbEnd = 'foot' | 'knee' | 'hand';

/** Where a leg is to be: the underside of its foot or knee on something, or its ankle in the air. */
export type LegGoal = Readonly<{ end: Exclude<LimbEnd, 'hand'> | 'ankle'; at: Vec }>;

/** Where limbs are to be, of a hand its underside; nothing for a limb that goes as its pose says. */
export type Goals = Readonly<Record<Side, Readonly<{ leg: LegGoal | null; hand: Vec | null }>>>;

/** From heel to toe along the sole, in heights. */
const SOLE = SIZES.foot - 2 * THICK.sole;

/** Where the toes are, or would be if the foot that stands on its heel came down flat; as high as the lower end. */
function underFoot({ heel, toe }: LegBones): Vec {
  if (toe[1] < heel[1]) return [toe[0], toe[1] - THICK.sole, toe[2]];
  const ahead = normalise([toe[0] - heel[0], 0, toe[2] - heel[2]], [0, 0, 1]);
  const flat = along(heel, ahead, SOLE);
  return [flat[0], heel[1] - THICK.sole, flat[2]];
}

/** The underside of a limb's end. */
export function under({ arms, legs }: Pick<Body, 'arms' | 'legs'>, end: LimbEnd, side: Side): Vec {
  if (end === 'foot') return underFoot(legs[side]);
  const [[x, y, z], thick] =
    end === 'knee' ? [legs[side].knee, THICK.knee] : [arms[side].hand, THICK.hand];
  return [x, y - thick, z];
}

/** How high a joint is over another that is so far off, where the two are no farther apart than `length`. */
const rise = (far: number, length: number): number =>
  Math.sqrt(Math.max(0, length ** 2 - far ** 2));

/** No further than this, in heights: legs that reach far along the ground would pull it all the way down. */
const MOST_SUNK = 0.09;

/**
 * How far a body sinks, so that legs reach what they stand on, in heights: `least` at the least. Below 0 it
 * rises, where a knee stands under it.
 */
export function sinkFor(body: Body, goals: Goals, least: number): number {
  const sinks = SIDES.flatMap((side) => {
    const { leg } = goals[side];
    if (!leg || leg.end === 'ankle') return [];
    const { hip, ankle, knee } = body.legs[side];
    // A foot that is lifted on its way is to be set down.
    const by = minus([leg.at[0], 0, leg.at[2]], under(body, leg.end, side));
    const [joint, length] = leg.end === 'foot' ? [ankle, LEG * STRAIGHT] : [knee, SIZES.thigh];
    const [x, y, z] = add(joint, by);
    const sink = hip[1] - y - rise(Math.hypot(x - hip[0], z - hip[2]), length);
    return [{ end: leg.end, sink }];
  });
  const knees = sinks.flatMap(({ end, sink }) => (end === 'knee' ? [sink] : []));
  const feet = sinks.flatMap(({ end, sink }) => (end === 'foot' ? [sink] : []));
  const sink = Math.max(...(knees.length > 0 ? knees : [least]), ...feet);
  return Math.min(sink, MOST_SUNK, underTrunkAndHead(body));
}

/** A leg whose thigh points at where the knee is to be; what is below the knee goes with it. */
function withKnee({ hip, ...leg }: LegBones, at: Vec): LegBones {
  const knee = along(hip, normalise(minus(at, hip), [0, -1, 0]), SIZES.thigh);
  const by = minus(knee, leg.knee);
  return { hip, knee, ankle: add(leg.ankle, by), heel: add(leg.heel, by), toe: add(leg.toe, by) };
}

/** The foot turns with its leg, so that a goal is come up to in a few steps. */
const STEPS = 4;
const NEAR = 1e-4;

/**
 * A body that has been let down by `sink`, its limbs brought to their goals together: as near as they go.
 * Limbs keep their lengths, hips and trunk keep their place.
 */
export function withContacts(pose: Pose, loose: Body, goals: Goals, sink: number): Body {
  const body = sink === 0 ? loose : movedBody(loose, [0, -sink, 0]);
  const nearer = (side: Side, leg: LegBones, by: Vec): LegBones =>
    legTo(pose, body, side, leg.hip, add(leg.ankle, by));
  const legAt = (side: Side): LegBones => {
    const { leg: goal } = goals[side];
    let leg = body.legs[side];
    if (!goal) return leg;
    if (goal.end === 'knee') return withKnee(leg, add(goal.at, [0, THICK.knee, 0]));
    if (goal.end === 'ankle') leg = nearer(side, leg, minus(goal.at, leg.ankle));
    for (let n = 0; n < STEPS; n += 1) {
      const legs = { ...body.legs, [side]: leg };
      const at = under({ arms: body.arms, legs }, 'foot', side);
      // In the air a foot is where it likes to be, but never in the ground.
      const by: Vec = goal.end === 'ankle' ? [0, Math.max(0, -at[1]), 0] : minus(goal.at, at);
      if (size(by) < NEAR) break;
      leg = nearer(side, leg, by);
    }
    return leg;
  };
  const armAt = (side: Side) => {
    const { hand } = goals[side];
    const arm = body.arms[side];
    const [x, y, z] = hand ? add(hand, [0, THICK.hand, 0]) : arm.hand;
    if (!hand && y >= THICK.hand) return arm;
    return armTo(pose, body, side, arm.shoulder, [x, Math.max(y, THICK.hand), z]);
  };
  return {
    ...body,
    arms: { L: armAt('L'), R: armAt('R') },
    legs: { L: legAt('L'), R: legAt('R') },
  };
}

/** Lower or higher than this the whole body is put right, in heights. */
const OFF = 0.002;
const PASSES = 3;

/**
 * A body with its limbs at their goals, and nothing of it in the ground: where a knee or an elbow would be,
 * it stands higher. Where a lifted limb was all that it stood on, it comes down with it.
 */
export function grounded(pose: Pose, loose: Body, goals: Goals, sink: number): Body {
  let [body, lower] = [withContacts(pose, loose, goals, sink), sink];
  for (let n = 0; n < PASSES; n += 1) {
    const low = lowestPoint(body) - pose.air;
    if (Math.abs(low) < OFF) break;
    if (low > 0) return movedBody(body, [0, -low, 0]);
    lower += low;
    body = withContacts(pose, loose, goals, lower);
  }
  return body;
}

/** A foot this near to the ground is set down on it, and a hand this near, in heights. */
const MAGNETS = { foot: 0.045, hand: 0.029 } as const;
/** A foot that is pointed more than this is meant to be where it is. */
const POINTED = 0.5;

/** The body in a pose: as it is written, and what is nearly down is down, all of it together. */
export function bodyOf(pose: Pose): Body {
  const body = looseBody(pose);
  if (pose.air > 0) return body;
  const near = (end: 'foot' | 'hand', side: Side): Vec | null => {
    const [x, y, z] = under(body, end, side);
    return Math.abs(y) <= MAGNETS[end] ? [x, 0, z] : null;
  };
  const goals = (side: Side) => {
    const isPointed = pose[`foot${side}`].point > POINTED;
    const foot = isPointed ? null : near('foot', side);
    return { leg: foot && { end: 'foot' as const, at: foot }, hand: near('hand', side) };
  };
  const all: Goals = { L: goals('L'), R: goals('R') };
  return grounded(pose, body, all, sinkFor(body, all, 0));
}
