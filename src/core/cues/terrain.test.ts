import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryAdventure } from '../testing/arbitrary';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { terrainOf, SHOULDER_SECONDS } from './terrain';
import { unroll } from '../schedule/unroll';

describe('terrain', () => {
  it('stands at the effort of the moment in the middle of long work', () => {
    const beat = moveBeat([doseOf('jumping-jack', 120, { unit: 'seconds' })], { led: 'follow me' });
    const points = terrainOf(unroll(withBeats(beat)).cues, 101);
    expect(points[50]).toEqual({ atSeconds: 60, height: 5 });
  });

  it('comes down half-way at the edge of a ridge', () => {
    const beat = moveBeat([doseOf('jumping-jack', 120, { unit: 'seconds' })], { led: 'follow me' });
    const points = terrainOf(unroll(withBeats(beat)).cues, 2);
    expect(points.map((point) => point.height)).toEqual([3, 3]);
  });

  it('is what averaging the efforts by brute force gives', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        const { cues, totalSeconds } = unroll(adventure);
        fc.pre(totalSeconds > 8 * SHOULDER_SECONDS);
        const effortAt = (t: number) =>
          cues.find((c) => t >= c.startSeconds && t < c.startSeconds + c.lengthSeconds)?.effort ??
          1;
        for (const { atSeconds, height } of terrainOf(cues, 9)) {
          expect(height).toBeGreaterThanOrEqual(1 - 1e-9);
          expect(height).toBeLessThanOrEqual(5 + 1e-9);
          let sum = 0;
          const slices = 800;
          for (let n = 0; n < slices; n += 1) {
            sum += effortAt(atSeconds + ((n + 0.5) / slices - 0.5) * 2 * SHOULDER_SECONDS);
          }
          // 800 slices of 0.02 s: each of some ten edges in the window may be off by one slice.
          expect(Math.abs(height - sum / slices)).toBeLessThan(0.06);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('is nothing where there is nothing', () => {
    expect(terrainOf([], 100)).toEqual([]);
  });
});
