import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FINISH_BEFORE_WALL_METRES, metresToSpots, spotsAround } from './spots';

const side = fc.double({ min: 0, max: 200, noNaN: true });

describe('spots around the room', () => {
  // JOB.md, Care: no running to walls, a finish line two metres before (common practice).
  it('stay two metres from every wall, or half way to it where the room is small', () => {
    fc.assert(
      fc.property(side, side, fc.integer({ min: 1, max: 12 }), (lengthMetres, widthMetres, n) => {
        for (const { xMetres, yMetres } of spotsAround({ lengthMetres, widthMetres }, n)) {
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
    expect(metresToSpots({ lengthMetres: 20, widthMetres: 20 }, 4)).toEqual([8, 8, 8, 8]);
    expect(metresToSpots({ lengthMetres: 0, widthMetres: 0 }, 2)).toEqual([1, 1]);
  });
});
