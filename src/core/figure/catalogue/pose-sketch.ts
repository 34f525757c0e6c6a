import { reachOf, type Side } from '../body/body';
import { bodyOf } from '../body/contacts';
import type { Hand, Limb, Pose } from '../../model/pose';
import { ARM } from '../body/proportions';
import type { Vec } from '../body/vec';

const ANGLES = [
  'tip',
  'spin',
  'roll',
  'turn',
  'bend',
  'side',
  'twist',
  'nod',
  'tilt',
  'look',
] as const;
type Angles = Pick<Pose, (typeof ANGLES)[number]>;

/** A pose as it is written: what is not said is as in standing; `arms` and so on are for both sides. */
export type PoseSketch = Partial<Angles & Pick<Pose, 'air' | 'x' | 'z' | 'shrug'>> & {
  arms?: Vec;
  armL?: Vec;
  armR?: Vec;
  legs?: Vec;
  legL?: Vec;
  legR?: Vec;
  elbows?: number;
  elbowL?: number;
  elbowR?: number;
  knees?: number;
  kneeL?: number;
  kneeR?: number;
  point?: number;
  pointL?: number;
  pointR?: number;
  heel?: number;
  heelL?: number;
  heelR?: number;
  hands?: Hand;
  handL?: Hand;
  handR?: Hand;
  /** Hands on the floor, below where they reach. */
  floor?: boolean;
  floorL?: boolean;
  floorR?: boolean;
};

const HANGING: Vec = [0.13, -0.97, 0.06];
const STANDING: Vec = [0.05, -1, 0];

/** The whole pose of a sketch. */
// Each "??" counts as a branch: it is one default a field, and none depends on another.
// eslint-disable-next-line complexity
export function poseOf(s: PoseSketch): Pose {
  const limb = (
    own: Vec | undefined,
    both: Vec | undefined,
    rest: Vec,
    swing: number | undefined,
  ) => ({
    reach: own ?? both ?? rest,
    swing: swing ?? 0,
  });
  const pose: Pose = {
    ...(Object.fromEntries(ANGLES.map((name) => [name, s[name] ?? 0])) as Angles),
    shrug: s.shrug ?? 0,
    air: s.air ?? 0,
    x: s.x ?? 0,
    z: s.z ?? 0,
    armL: limb(s.armL, s.arms, HANGING, s.elbowL ?? s.elbows),
    armR: limb(s.armR, s.arms, HANGING, s.elbowR ?? s.elbows),
    legL: limb(s.legL, s.legs, STANDING, s.kneeL ?? s.knees),
    legR: limb(s.legR, s.legs, STANDING, s.kneeR ?? s.knees),
    footL: { point: s.pointL ?? s.point ?? 0, heel: s.heelL ?? s.heel ?? 0 },
    footR: { point: s.pointR ?? s.point ?? 0, heel: s.heelR ?? s.heel ?? 0 },
    handL: s.handL ?? s.hands ?? 'easy',
    handR: s.handR ?? s.hands ?? 'easy',
    floorL: s.floorL ?? s.floor ?? false,
    floorR: s.floorR ?? s.floor ?? false,
  };
  if (!pose.floorL && !pose.floorR) return pose;
  // A hand on the floor is written with where it got to, so that it leaves from there.
  const { arms } = bodyOf(pose);
  const got = (side: Side): Limb => {
    const { hand, shoulder } = arms[side];
    return { ...pose[`arm${side}`], reach: reachOf(shoulder, hand, ARM, pose.turn, side) };
  };
  return {
    ...pose,
    armL: pose.floorL ? got('L') : pose.armL,
    armR: pose.floorR ? got('R') : pose.armR,
  };
}
