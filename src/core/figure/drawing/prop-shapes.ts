import type { Camera } from './camera';
import type { Prop } from '../../model/figure';
import type { Moment } from '../motion/motion';
import { flat, type FigurePart, type Paint, type Shape } from './figure-shape';
import { add, type Vec } from '../body/vec';

/** How a thing is drawn where it is. */
export type Draw = (at: Vec, see: Camera, prop: Prop, moment: Moment) => FigurePart;

/** An area between places. */
export const area = (see: Camera, places: readonly Vec[], width: number, paint: Paint): Shape => ({
  kind: 'area',
  points: places.map((place) => flat(see(place))),
  width,
  paint,
});

/** A ring around a place. */
export function ring(at: Vec, radius: number, lie: Prop['lie']): readonly Vec[] {
  const steps = 28;
  return Array.from({ length: steps + 1 }, (_, n): Vec => {
    const turn = (n / steps) * Math.PI * 2;
    const [c, s] = [Math.cos(turn) * radius, Math.sin(turn) * radius];
    return lie === 'flat'
      ? add(at, [c, 0, s])
      : lie === 'across'
        ? add(at, [c, s, 0])
        : add(at, [0, s, c]);
  });
}
