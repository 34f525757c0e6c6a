import type { Moment } from '../motion/motion';
import { add, lerp, minus, times, type Vec } from '../body/vec';
import type { Camera } from './camera';
import { strokeOf, type FigurePart } from './figure-shape';

/** A rope from hand to hand, through a place between them: a parabola. */
export function heldRope(at: Vec, see: Camera, { arms, chest }: Moment['body']): FigurePart {
  const [L, R] = [arms.L.hand, arms.R.hand];
  const pull = minus(times(at, 2), times(add(L, R), 0.5));
  const line = Array.from({ length: 15 }, (_, n): Vec => {
    const t = n / 14;
    return lerp(lerp(L, pull, t), lerp(pull, R, t), t);
  });
  return {
    depth: see(chest).depth + (at[2] < 0 ? -0.5 : 0.5),
    outlined: true,
    shapes: [strokeOf(see, line, 0.024, 'prop')],
  };
}

/** A rope from a hand to that of whoever turns it too: up over and round, as far as the hand is up. */
export function turnedRope(hand: Vec, see: Camera, { body, figure, props }: Moment): FigurePart {
  const partner = props[figure.props.findIndex(({ kind }) => kind === 'partner')];
  const far = partner ? partner[2] : 0.8;
  const other: Vec = [hand[0], hand[1], far - hand[2]];
  const swing = (hand[1] - body.arms.R.shoulder[1]) * 4 - 0.12;
  const line = Array.from({ length: 15 }, (_, n): Vec => {
    const t = n / 14;
    const [x, y, z] = lerp(hand, other, t);
    return [x, Math.max(0.02, y + swing * 4 * t * (1 - t)), z];
  });
  return { depth: see(hand).depth, outlined: true, shapes: [strokeOf(see, line, 0.024, 'prop')] };
}
