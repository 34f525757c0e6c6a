import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';

const degrees = z.number().min(-1080).max(1080);
const reach = z.tuple([
  z.number().min(-2).max(2),
  z.number().min(-2).max(2),
  z.number().min(-2).max(2),
]);

/**
 * Where a hand or a foot is, seen from its shoulder or hip, in lengths of the straight limb: out to
 * its own side, up, and to the front of where the figure faces. Longer than 1 is straight. `swing`
 * turns the elbow or the knee outwards about that line, degrees.
 */
const limb = z.strictObject({ reach, swing: degrees });

const foot = z.strictObject({
  /** 0: the sole to the ground, 1: pointed, in line with the shin, -1: square to the shin. */
  point: z.number().min(-1).max(1),
  /** 1: high on the toes; -1: on the heel, toes up. */
  heel: z.number().min(-1).max(1),
});

/** How a hand is held: as it hangs, closed, its fingers spread, one finger out, or two about to snap. */
export const HANDS = ['easy', 'fist', 'open', 'points', 'snaps'] as const;
export type Hand = (typeof HANDS)[number];
const hand = z.enum(HANDS).default('easy');

/** A whole body posture. Degrees; places in heights of the figure. */
export const poseSchema = z.strictObject({
  /** The hips: tipped forward, spun about the body's length to its left, rolled to its left. */
  tip: degrees,
  spin: degrees,
  roll: degrees,
  /** Where the figure faces: turned to its left. */
  turn: degrees,
  /** The back: bent forward, to its left, twisted to its left. */
  bend: degrees,
  side: degrees,
  twist: degrees,
  /** The head on the shoulders: nodded forward, tilted and turned to its left. */
  nod: degrees,
  tilt: degrees,
  look: degrees,
  /** The shoulders: 1 is up to the ears. */
  shrug: z.number().min(0).max(1).default(0),
  /** The lowest point above the ground, in heights. */
  air: z.number().min(0).max(1),
  /** The hips beside and before where the figure stands, in heights. */
  x: z.number().min(-2).max(2),
  z: z.number().min(-2).max(2),
  armL: limb,
  armR: limb,
  legL: limb,
  legR: limb,
  footL: foot,
  footR: foot,
  handL: hand,
  handR: hand,
  /** A hand that is set down on the floor under where it reaches. */
  floorL: z.boolean(),
  floorR: z.boolean(),
});
export type Pose = DeepReadonly<z.infer<typeof poseSchema>>;
export type Limb = Pose['armL'];

/** The same posture with left and right changed over. */
export function mirroredPose(pose: Pose): Pose {
  return {
    ...pose,
    spin: -pose.spin,
    roll: -pose.roll,
    turn: -pose.turn,
    side: -pose.side,
    twist: -pose.twist,
    tilt: -pose.tilt,
    look: -pose.look,
    x: -pose.x,
    armL: pose.armR,
    armR: pose.armL,
    legL: pose.legR,
    legR: pose.legL,
    footL: pose.footR,
    footR: pose.footL,
    handL: pose.handR,
    handR: pose.handL,
    floorL: pose.floorR,
    floorR: pose.floorL,
  };
}
