import type { Figure } from '../../model/figure';
import { SIDES, type Body } from '../body/body';
import { HEIGHT_METRES, THICK } from '../body/proportions';
import type { Moment } from './motion';

/** How far the ground goes by under a figure that travels, in heights of it. */
export type Ground = Readonly<{
  /** In one loop; below 0 for one that goes backwards. */
  loop: number;
  /** From the loop's start to a share of it, from 0 to 1. */
  goneAt: (share: number) => number;
}>;

/** A point this near to the ground bears weight: a centimetre for a child of 1.10 m. */
export const TOUCHES = 0.01 / HEIGHT_METRES;
const FRAMES = 120;

const CONTACTS = SIDES.flatMap((side) =>
  (['heel', 'toe'] as const).map((end) => [side, end] as const),
);
const pointsOf = ({ legs }: Body, axis: 0 | 2) =>
  CONTACTS.map(([side, end]) => {
    const point = legs[side][end];
    return { at: point[axis], touches: point[1] < THICK.sole + TOUCHES };
  });

/**
 * The ground under a figure that travels: it goes with the foot that is planted, so that no foot slides.
 * In the air it goes on as fast as on the ground; where feet keep their place it goes by in the air, so
 * that a loop comes to `loopLength`, in heights. Null for a figure that stays where it is.
 */
export function groundOf(
  { travels }: Pick<Figure, 'travels'>,
  momentAtShare: (share: number) => Moment,
  loopLength: number,
): Ground | null {
  if (travels === 'none') return null;
  const axis = travels === 'aside' ? 0 : 2;
  // The body goes to its front, or to its right; the planted foot the other way.
  const way = travels === 'forward' ? -1 : 1;
  const moments = Array.from({ length: FRAMES + 1 }, (_, n) => momentAtShare(n / FRAMES));
  const points = moments.map(({ body }) => pointsOf(body, axis));
  const steps = Array.from({ length: FRAMES }, (_, n): number | null => {
    const [before, after] = [points[n]!, points[n + 1]!];
    const borne = before.flatMap(({ at, touches }, k) =>
      touches && after[k]!.touches ? [(after[k]!.at - at) * way] : [],
    );
    return borne.length === 0 ? null : Math.max(0, ...borne);
  });
  const onGround = steps.filter((step) => step !== null);
  const inAir = FRAMES - onGround.length;
  const planted = onGround.reduce((sum, step) => sum + step, 0);
  const keepsPlace = planted < loopLength / 3;
  // Wheels and waddles have no foot that says how far they go.
  const isEven = keepsPlace && inAir === 0;
  const aloft = keepsPlace
    ? (loopLength - planted) / Math.max(1, inAir)
    : planted / onGround.length;
  const sums = [0];
  for (const step of steps) {
    const gone = isEven ? loopLength / FRAMES : (step ?? aloft);
    sums.push(sums.at(-1)! + gone);
  }
  const back = travels === 'backward' ? -1 : 1;
  return {
    loop: sums.at(-1)! * back,
    goneAt: (share) => {
      const at = Math.min(1, Math.max(0, share)) * FRAMES;
      const n = Math.min(FRAMES - 1, Math.floor(at));
      return (sums[n]! + (sums[n + 1]! - sums[n]!) * (at - n)) * back;
    },
  };
}
