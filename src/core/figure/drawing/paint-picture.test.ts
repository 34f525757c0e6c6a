import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFigure, figures } from '../../testing/figure-checks';
import { cameraOf, screenAxes } from './camera';
import { LINE_PAINTS, pictureOfFigure, tellingKeys } from './paint-picture';
import { VIEWS } from '../../model/figure';
import { builtInFigure } from '../catalogue';
import { momentAt } from '../motion/motion';
import { partsOf } from './figure-parts';

describe('the picture', () => {
  it('flipped, it is the same picture the other way round', () => {
    fc.assert(
      fc.property(anyFigure, fc.double({ min: 0, max: 1, noNaN: true }), (figure, phase) => {
        const moment = momentAt(figure, phase);
        const xs = (flip: boolean) =>
          partsOf(moment, { flip, build: { hair: 'bun', seat: 'wheelchair' } }).flatMap(
            ({ shapes }) =>
              shapes
                .filter((shape) => shape.kind !== 'oval' && shape.paint === 'bottom')
                .flatMap((shape) => ('points' in shape ? shape.points : [])),
          );
        const [one, other] = [xs(false), xs(true)];
        expect(other).toHaveLength(one.length);
        const key = ([x, y]: readonly [number, number]) =>
          `${Math.round(x * 1e6)} ${Math.round(y * 1e6)}`;
        const flipped = one.map(([x, y]) => key([-x + 0, y])).map((s) => s.replace(/^-0 /u, '0 '));
        expect(other.map((point) => key(point).replace(/^-0 /u, '0 ')).sort()).toEqual(
          flipped.sort(),
        );
      }),
      { numRuns: 60 },
    );
  });

  it.each(figures)('%s fills its square and stays within it', (_id, figure) => {
    for (const poses of [1, 2, 4]) {
      const { width, height, strokes } = pictureOfFigure(figure, poses, LINE_PAINTS);
      expect(height).toBe(24);
      expect(width).toBeGreaterThan(5);
      expect(strokes.length).toBeGreaterThan(15);
      const numbers = strokes
        .filter(([element]) => element === 'path')
        .flatMap(([, { d }]) =>
          String(d)
            .match(/-?[\d.]+/gu)!
            .map(Number),
        );
      expect(Math.min(...numbers)).toBeGreaterThan(-0.5);
      expect(Math.max(...numbers)).toBeLessThan(Math.max(width, height) + 0.5);
    }
  });

  it('the poses that tell most are the best one first of all, and no two alike', () => {
    for (const [, figure] of figures) {
      expect(tellingKeys(figure, 1)).toEqual([figure.best]);
      const keys = tellingKeys(figure, 3);
      expect(keys).toContain(figure.best);
      expect(new Set(keys).size).toBe(keys.length);
    }
    // A march is the same with the other leg: one pose and what lies between, not both legs.
    expect(tellingKeys(builtInFigure('march')!, 6).length).toBeLessThan(4);
  });

  it.each(VIEWS)('seen from %s, to the right and up are where the picture has them', (view) => {
    const see = cameraOf(view);
    const { right, up } = screenAxes(view);
    const origin = see([0, 0, 0]);
    expect(see(right)).toMatchObject({ x: expect.closeTo(1, 9), y: expect.closeTo(0, 9) });
    expect(see(up).y - origin.y).toBeCloseTo(-1, 9);
  });
});
