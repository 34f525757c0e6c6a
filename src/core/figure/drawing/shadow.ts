import { SIDES, type Body } from '../body/body';
import type { Camera } from './camera';
import type { FigurePart } from './figure-shape';

/** The shadow on the ground, under what is near to it; lighter the higher the figure is. */
export function shadow(body: Body, see: Camera): FigurePart {
  const near = [
    body.hips,
    body.chest,
    body.head,
    ...SIDES.flatMap((side) => [
      body.legs[side].heel,
      body.legs[side].toe,
      body.legs[side].knee,
      body.arms[side].hand,
    ]),
  ].filter(([, y]) => y < 0.34);
  const spots = (near.length > 0 ? near : [body.legs.L.toe, body.legs.R.toe]).map(([x, , z]) =>
    see([x, 0, z]),
  );
  const xs = spots.map(({ x }) => x);
  const ys = spots.map(({ y }) => y);
  const [low, high] = [Math.min(...xs), Math.max(...xs)];
  const deep = (Math.max(...ys) - Math.min(...ys)) / 2;
  return {
    depth: -10,
    outlined: false,
    shapes: [
      {
        kind: 'oval',
        at: [(low + high) / 2, (Math.min(...ys) + Math.max(...ys)) / 2],
        rx: (high - low) / 2 + 0.07,
        ry: Math.max(0.026, deep + 0.024),
        paint: 'shade',
      },
    ],
  };
}
