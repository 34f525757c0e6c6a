import type { Figure } from '../../model/figure';
import type { Vec } from '../body/vec';
import { SIDES, type Body } from '../body/body';
import { HEIGHT_METRES, THICK } from '../body/proportions';

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
/** Feet that go with the ground less than this in a loop say nothing of it, in heights. */
export const LEAST_GROUND = 0.03;

type Point = Readonly<{ at: number; touches: boolean }>;
const pointsOf = ({ legs, arms }: Body, axis: 0 | 2) => {
  const point = (place: Vec, thick: number): Point => ({
    at: place[axis],
    touches: place[1] < thick + TOUCHES,
  });
  return {
    feet: SIDES.flatMap((side) => [
      point(legs[side].heel, THICK.sole),
      point(legs[side].toe, THICK.sole),
    ]),
    hands: SIDES.map((side) => point(arms[side].hand, THICK.hand)),
  };
};

/** How far the fastest of what is down went back from one frame to the next; null where nothing is down. */
function wentBack(before: readonly Point[], after: readonly Point[], way: number): number | null {
  const borne = before.flatMap(({ at, touches }, n) =>
    touches && after[n]!.touches ? [(after[n]!.at - at) * way] : [],
  );
  return borne.length === 0 ? null : Math.max(0, ...borne);
}

/**
 * The ground under a figure that travels: it goes with the foot that is planted, so that no foot slides.
 * In the air it goes on as fast as on the ground; where feet keep their place it goes by in the air, so
 * that a loop comes to `loopLength`, in heights. Null for a figure that stays where it is.
 */
export function groundOf(
  { travels }: Pick<Figure, 'travels'>,
  bodyAt: (share: number) => Body,
  loopLength: number,
): Ground | null {
  if (travels === 'none') return null;
  const axis = travels === 'aside' ? 0 : 2;
  // The body goes to its front, or to its right; the planted foot the other way.
  const way = travels === 'forward' ? -1 : 1;
  const points = Array.from({ length: FRAMES + 1 }, (_, n) => pointsOf(bodyAt(n / FRAMES), axis));
  const steps = Array.from({ length: FRAMES }, (_, n): number | null => {
    const [before, after] = [points[n]!, points[n + 1]!];
    const byFoot = wentBack(before.feet, after.feet, way);
    if (byFoot !== null && byFoot > 0) return byFoot;
    // Feet that come up behind, or trail: it goes by hand.
    return wentBack(before.hands, after.hands, way) ?? byFoot;
  });
  const onGround = steps.filter((step) => step !== null);
  const inAir = FRAMES - onGround.length;
  const planted = onGround.reduce((sum, step) => sum + step, 0);
  const keepsPlace = inAir > 0 && planted < loopLength / 3;
  // Wheels, and who slides along on the tummy, have no foot that says how far they go.
  const isEven = inAir === 0 && planted < LEAST_GROUND;
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
