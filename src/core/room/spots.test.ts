import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BARE } from '../model/setting';
import {
  clearFloor,
  FINISH_BEFORE_WALL_METRES,
  metresToPlaces,
  placesFor,
  spotsAround,
} from './spots';

const side = fc.double({ min: 0, max: 200, noNaN: true });

describe('spots around the room', () => {
  // JOB.md, Care: no running to walls, a finish line two metres before (common practice).
  it('stay two metres from every wall, or half way to it where the room is small', () => {
    fc.assert(
      fc.property(side, side, fc.integer({ min: 1, max: 12 }), (lengthMetres, widthMetres, n) => {
        for (const { xMetres, yMetres } of spotsAround({ lengthMetres, widthMetres, ...BARE }, n)) {
          const clear = (half: number, at: number) => half - Math.abs(at);
          const [length, width] = [lengthMetres / 2, widthMetres / 2];
          const least = (half: number) => Math.min(FINISH_BEFORE_WALL_METRES, half / 2) - 1e-9;
          expect(clear(length, xMetres)).toBeGreaterThanOrEqual(least(length));
          expect(clear(width, yMetres)).toBeGreaterThanOrEqual(least(width));
        }
      }),
    );
  });

  it('are as far from the middle as they are drawn', () => {
    const four = ['red', 'blue', 'green', 'white'];
    const hall = { lengthMetres: 20, widthMetres: 20, ...BARE };
    expect(metresToPlaces(hall, four)).toEqual([8, 8, 8, 8]);
    const none = { lengthMetres: 0, widthMetres: 0, ...BARE };
    expect(metresToPlaces(none, ['red', 'blue'])).toEqual([1, 1]);
  });

  it('are where they were put by hand, whatever the case of their name', () => {
    const marks = [{ kind: 'place', name: 'Red', xMetres: 3, yMetres: -4 }] as const;
    const hall = { lengthMetres: 20, widthMetres: 20, ...BARE, marks };
    expect(placesFor(hall, ['blue', 'red'])[1]).toMatchObject({ xMetres: 3, yMetres: -4 });
    expect(metresToPlaces(hall, ['blue', 'red'])[1]).toBe(5);
  });

  it('keep off the strips where nobody goes', () => {
    const noGoMetres = { front: 2, back: 0, left: 5, right: 1 };
    const hall = { lengthMetres: 20, widthMetres: 10, ...BARE, noGoMetres };
    expect(clearFloor(hall)).toEqual({
      lengthMetres: 14,
      widthMetres: 8,
      middle: { xMetres: 2, yMetres: -1 },
    });
    for (const { xMetres, yMetres } of spotsAround(hall, 8)) {
      expect(xMetres).toBeGreaterThan(-10 + 5);
      expect(xMetres).toBeLessThan(10 - 1);
      expect(yMetres).toBeLessThan(5 - 2);
    }
  });
});
