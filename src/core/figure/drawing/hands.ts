import type { ArmBones } from '../body/body';
import { THICK } from '../body/proportions';
import { across, add, along, dot, minus, normalise, times, type Vec } from '../body/vec';
import type { Camera } from './camera';
import { flat, strokeOf, type Shape } from './figure-shape';

const UP: Vec = [0, 1, 0];
const PALM = { back: 0.014, ahead: 0.03, wide: 0.064 } as const;
const THUMB = { out: 0.05, ahead: 0.014, wide: 0.027 } as const;
/** Lower than this, a hand carries: it lies flat. */
const ON_FLOOR = THICK.hand * 1.6;

/**
 * A hand: a palm with fingers along the forearm and a thumb on the side that looks ahead; flat where it is
 * on the floor, a ball where it holds something or is too small to be seen. `together`: palm against palm,
 * the fingers that way.
 */
export function handShapes(
  { elbow, hand }: ArmBones,
  front: Vec,
  see: Camera,
  isBall: boolean,
  together: Vec | null = null,
): readonly Shape[] {
  if (isBall) return [{ kind: 'oval', at: flat(see(hand)), rx: 0.041, ry: 0.041, paint: 'skin' }];
  const isFlat = hand[1] < ON_FLOOR;
  const forearm = normalise(minus(hand, elbow), [0, -1, 0]);
  const level: Vec = [front[0], 0, front[2]];
  const line = together ?? (isFlat ? normalise(level, [0, 0, 1]) : forearm);
  const palm = strokeOf(
    see,
    [along(hand, line, -PALM.back), along(hand, line, PALM.ahead)],
    PALM.wide,
    'skin',
  );
  const wanted = isFlat ? ([line[2], 0, -line[0]] as Vec) : add(times(front, 0.8), times(UP, 0.45));
  // A thumb along the arm is behind the hand.
  if (Math.abs(dot(normalise(wanted), line)) > 0.97) return [palm];
  const side = across(wanted, line, UP);
  const tip = add(along(hand, side, THUMB.out), times(line, THUMB.ahead));
  return [strokeOf(see, [hand, tip], THUMB.wide, 'skin'), palm];
}
