import type { Moment } from '../motion/motion';
import type { Camera } from './camera';
import type { Point, Shape } from './figure-shape';
import { RADIANS } from '../body/vec';

/** How a mark is drawn at a moment, as it is seen. */
export type DrawMark = (moment: Moment, see: Camera) => Shape[];

export const stroke = (points: readonly Point[], width = 0.016): Shape => ({
  kind: 'stroke',
  points,
  width,
  paint: 'mark',
});

/** Short rays around a place, from one angle to another, degrees, 0 to the right and 90 upwards. */
export function rays(
  [x, y]: Point,
  near: number,
  far: number,
  from: number,
  to: number,
  count: number,
): Shape[] {
  return Array.from({ length: count }, (_, n) => {
    const angle = (from + ((to - from) * n) / Math.max(1, count - 1)) * RADIANS;
    const at = (r: number): Point => [x + r * Math.cos(angle), y - r * Math.sin(angle)];
    return stroke([at(near), at(far)]);
  });
}

/** As dark as what is drawn of the child itself. */
export const inInk = (shapes: readonly Shape[]): Shape[] =>
  shapes.map((shape) => ({ ...shape, paint: 'ink' }));

/** A curve around a place, from one angle to another, degrees, 0 to the right and 90 upwards. */
export const arc = ([x, y]: Point, far: number, from: number, to: number, steps = 8): Point[] =>
  Array.from({ length: steps + 1 }, (_, n) => {
    const angle = (from + ((to - from) * n) / steps) * RADIANS;
    return [x + far * Math.cos(angle), y - far * Math.sin(angle)];
  });

/** An arrow along a line, its tip at the end of it. */
export function arrow(points: readonly Point[], width = 0.018): Shape[] {
  const [tip, before] = [points.at(-1)!, points.at(-2)!];
  const way = Math.atan2(tip[1] - before[1], tip[0] - before[0]);
  const back = (turn: number): Point => [
    tip[0] - 0.055 * Math.cos(way + turn),
    tip[1] - 0.055 * Math.sin(way + turn),
  ];
  return [stroke(points, width), stroke([back(0.6), tip, back(-0.6)], width)];
}

/** An arrow with a tip at both ends, upright. */
export function upAndDown(x: number, from: number, to: number): Shape[] {
  const tip = (end: number, back: number): Shape =>
    stroke([
      [x - 0.035, end + back],
      [x, end],
      [x + 0.035, end + back],
    ]);
  return [
    stroke([
      [x, from],
      [x, to],
    ]),
    tip(from, 0.04),
    tip(to, -0.04),
  ];
}

/** An arrow nearly all the way round, lying flat around a place. */
export function roundAt(x: number, y: number, wide: number): Shape[] {
  const arc = (from: number, to: number): Point[] =>
    Array.from({ length: 9 }, (_, n) => {
      const angle = (from + ((to - from) * n) / 8) * RADIANS;
      return [x + wide * Math.cos(angle), y + wide * 0.25 * Math.sin(angle)];
    });
  const line = arc(200, 340).reverse();
  const tip = line.at(-1)!;
  return [
    stroke(arc(20, 160)),
    stroke([[tip[0] + 0.06, tip[1] - 0.05], tip, [tip[0] + 0.065, tip[1] + 0.03]]),
  ];
}

/** An arrow round a place, as it is seen. */
export function turnAt(place: Point, far: number): Shape[] {
  const line = arc(place, far, 150, -120, 12);
  const [tipX, tipY] = line.at(-1)!;
  return [
    stroke(line),
    stroke([
      [tipX - 0.05, tipY + 0.01],
      [tipX, tipY],
      [tipX + 0.005, tipY + 0.055],
    ]),
  ];
}
