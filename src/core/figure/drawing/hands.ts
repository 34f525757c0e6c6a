import type { Hand } from '../../model/pose';
import type { ArmBones } from '../body/body';
import { THICK } from '../body/proportions';
import {
  across,
  add,
  along,
  cross,
  dot,
  minus,
  normalise,
  times,
  turned,
  type Vec,
} from '../body/vec';
import type { Camera } from './camera';
import { flat, strokeOf, type Shape } from './figure-shape';

const UP: Vec = [0, 1, 0];
const PALM = { back: 0.014, ahead: 0.03, wide: 0.064 } as const;
const THUMB = { out: 0.05, ahead: 0.014, wide: 0.027 } as const;
const FINGER = { from: 0.022, to: 0.082, wide: 0.02 } as const;
const FIST = 0.04;
/** Spread fingers, about the hand, degrees. */
const SPREAD = [-46, -18, 8, 34, 82] as const;
/** An arm comes towards whoever looks, from this cosine on. */
const TOWARDS = 0.6;
/** Lower than this, a hand carries: it lies flat. */
const ON_FLOOR = THICK.hand * 1.6;

/** How a hand is at a moment, and who sees it. `together`: palm against palm, the fingers that way. */
export type HandDrawing = Readonly<{
  hand?: Hand;
  /** Where the body looks to. */
  front: Vec;
  see: Camera;
  /** It holds something, or is too small to be seen: a ball. */
  isBall: boolean;
  together?: Vec | null;
}>;

/**
 * A hand: a palm with fingers along the forearm and a thumb on the side that looks ahead; flat where it is
 * on the floor; closed, spread, pointing or snapping where its pose says so.
 */
export function handShapes(
  { elbow, hand }: ArmBones,
  { hand: held = 'easy', front, see, isBall, together = null }: HandDrawing,
): readonly Shape[] {
  const ball: Shape = { kind: 'oval', at: flat(see(hand)), rx: FIST, ry: FIST, paint: 'skin' };
  if (isBall) return [ball];
  const isFlat = hand[1] < ON_FLOOR;
  const forearm = normalise(minus(hand, elbow), [0, -1, 0]);
  const level: Vec = [front[0], 0, front[2]];
  const eye: Vec = [see([1, 0, 0]).depth, see([0, 1, 0]).depth, see([0, 0, 1]).depth];
  // An open hand whose arm comes towards whoever looks is held up.
  const isHeldUp = held === 'open' && Math.abs(dot(forearm, eye)) > TOWARDS;
  const bare = isHeldUp ? normalise(add(times(forearm, 0.3), UP)) : forearm;
  const line = together ?? (isFlat ? normalise(level, [0, 0, 1]) : bare);
  const wanted = isFlat ? ([line[2], 0, -line[0]] as Vec) : add(times(front, 0.8), times(UP, 0.45));
  const side = across(wanted, line, UP);
  const stroke = (from: Vec, to: Vec, wide: number) => strokeOf(see, [from, to], wide, 'skin');
  const palm = stroke(along(hand, line, -PALM.back), along(hand, line, PALM.ahead), PALM.wide);
  const thumb = stroke(
    hand,
    add(along(hand, side, THUMB.out), times(line, THUMB.ahead)),
    THUMB.wide,
  );
  // Fingers are spread across the picture, so that they are seen from wherever one looks.
  const thumbward = dot(cross(eye, line), side) < 0 ? -1 : 1;
  /** A finger so many degrees from the forearm, towards the thumb. */
  const finger = (degrees: number, far: number = FINGER.to) => {
    const way = turned(line, eye, degrees * thumbward);
    return stroke(along(hand, way, FINGER.from), along(hand, way, far), FINGER.wide);
  };
  // A thumb along the arm is behind the hand.
  const easy = Math.abs(dot(normalise(wanted), line)) > 0.97 ? [palm] : [thumb, palm];
  const drawn: Readonly<Record<Hand, () => readonly Shape[]>> = {
    easy: () => easy,
    fist: () => [stroke(hand, along(hand, side, FIST * 0.8), THUMB.wide), ball],
    open: () => [...SPREAD.map((degrees) => finger(degrees)), palm],
    points: () => [finger(0, FINGER.to * 1.15), ball],
    // A thumb and a finger with their tips together.
    snaps: () => [finger(10), finger(38, FINGER.to * 0.92), ball],
  };
  return drawn[isFlat || together ? 'easy' : held]();
}
