import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { unroll } from '../schedule/unroll';
import { arbitraryAdventure } from '../testing/arbitrary';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { ticksOf } from './counting';
import { go, pause, prepareLeading, tick } from './leading';
import { upcomingTicks } from './upcoming-ticks';

const { cues } = unroll({
  ...withBeats(moveBeat([doseOf('hop', 5)], { show: 'none' })),
  defaults: { led: 'show, then do', countIn: true, countInSeconds: 3 },
});

describe('sounds to come', () => {
  it('are at their exact clock times, counted from when the session was begun', () => {
    const leading = go(prepareLeading(cues, { lines: 'run on' }), 100);
    const at = upcomingTicks(leading, 100, 200).map(({ atClock }) => atClock);
    const expected = [100, 101, 102, 103, 103.8, 104.6, 105.4, 106.2];
    expect(at).toEqual(expected.map((seconds) => expect.closeTo(seconds, 9)));
  });

  it('are silent while the session is paused', () => {
    const leading = pause(go(prepareLeading(cues, { lines: 'run on' }), 100), 101);
    expect(upcomingTicks(leading, 100, 200)).toEqual([]);
  });

  it('each come exactly once when asked for window by window', () => {
    fc.assert(
      fc.property(
        arbitraryAdventure,
        fc.double({ min: 0.3, max: 9, noNaN: true }),
        (any, window) => {
          const all = unroll(any).cues;
          fc.pre(all.length > 0);
          let leading = go(prepareLeading(all, { lines: 'run on' }), 0);
          const keys: string[] = [];
          for (let n = 0; leading.status === 'running'; n += 1) {
            keys.push(
              ...upcomingTicks(leading, n * window, (n + 1) * window).map(({ key }) => key),
            );
            leading = tick(leading, (n + 1) * window);
          }
          expect(new Set(keys).size).toBe(keys.length);
          expect(keys).toHaveLength(all.flatMap(ticksOf).length);
        },
      ),
      { numRuns: 50 },
    );
  });
});
