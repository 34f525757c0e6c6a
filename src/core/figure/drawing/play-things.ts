import type { PropKind } from '../../model/figure';
import { area, type Draw } from './prop-shapes';
import type { Paint, Shape } from './figure-shape';
import { add } from '../body/vec';

/** A low box to step on, so wide and so long. */
const box =
  (wide: number, long: number): Draw =>
  (at, see) => {
    const HIGH = 0.16;
    const corner = (x: number, y: number, z: number) => add(at, [x * wide, y, z * long]);
    const top = [
      corner(-1, HIGH, -1),
      corner(1, HIGH, -1),
      corner(1, HIGH, 1),
      corner(-1, HIGH, 1),
    ];
    const side = (a: number, b: number) => {
      const [one, other] = [top[a]!, top[b]!];
      return [one, other, add(other, [0, -HIGH, 0]), add(one, [0, -HIGH, 0])];
    };
    return {
      depth: see(at).depth - 4,
      outlined: true,
      shapes: [
        ...[side(0, 1), side(1, 2), side(2, 3), side(3, 0)].map((one) =>
          area(see, one, 0.02, 'prop dark'),
        ),
        area(see, top, 0.02, 'prop'),
      ],
    };
  };

/** What stands or flies about in a hall: steps, benches, balloons, parachutes, soft toys. */
export const PLAY_THINGS = {
  step: box(0.24, 0.16),
  bench: box(0.11, 0.62),
  balloon: (at, see) => {
    const { x, y, depth } = see(at);
    return {
      depth: depth + 0.09,
      outlined: true,
      shapes: [
        { kind: 'oval', at: [x, y], rx: 0.105, ry: 0.125, paint: 'prop' },
        {
          kind: 'stroke',
          points: [
            [x - 0.045, y - 0.04],
            [x - 0.03, y - 0.07],
          ],
          width: 0.022,
          paint: 'prop light',
        },
        {
          kind: 'area',
          points: [
            [x, y + 0.125],
            [x - 0.02, y + 0.15],
            [x + 0.02, y + 0.15],
          ],
          width: 0.01,
          paint: 'prop dark',
        },
      ],
    };
  },
  parachute: (at, see) => {
    const far = (z: number, y: number, x: number) => add(at, [x, y, z]);
    const edge = [
      far(0, 0, -0.3),
      far(0, 0, 0.3),
      far(0.35, 0.14, 0.36),
      far(0.75, 0.16, 0.36),
      far(0.75, 0.16, -0.36),
      far(0.35, 0.14, -0.36),
    ];
    return {
      depth: see(at).depth - 0.02,
      outlined: true,
      shapes: [
        area(see, edge, 0.03, 'prop'),
        area(
          see,
          [
            far(0.02, 0.02, -0.06),
            far(0.02, 0.02, 0.06),
            far(0.74, 0.17, 0.14),
            far(0.74, 0.17, -0.14),
          ],
          0.01,
          'prop light',
        ),
      ],
    };
  },
  toy: (at, see) => {
    const { x, y, depth } = see(at);
    const oval = (dx: number, dy: number, r: number, paint: Paint): Shape => ({
      kind: 'oval',
      at: [x + dx, y + dy],
      rx: r,
      ry: r,
      paint,
    });
    return {
      depth: depth + 0.09,
      outlined: true,
      shapes: [
        oval(0, -0.04, 0.06, 'prop'),
        oval(-0.045, -0.155, 0.024, 'prop dark'),
        oval(0.045, -0.155, 0.024, 'prop dark'),
        oval(0, -0.115, 0.052, 'prop'),
        oval(0, -0.1, 0.02, 'prop light'),
      ],
    };
  },
} satisfies Partial<Readonly<Record<PropKind, Draw>>>;
