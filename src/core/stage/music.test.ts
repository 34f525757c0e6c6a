import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { unroll } from '../schedule/unroll';
import { drawBeat, withBeats } from '../testing/make';
import { BEATS_PER_MINUTE, hasMusic, notesBetween } from './music';

describe('the little loop', () => {
  it('is the same notes however the time is cut', () => {
    const cuts = fc.array(fc.double({ min: 0.01, max: 3, noNaN: true }), { maxLength: 30 });
    fc.assert(
      fc.property(cuts, (lengths) => {
        let at = 0;
        const pieces = lengths.flatMap((length) => {
          const notes = notesBetween(at, at + length);
          at += length;
          return notes;
        });
        expect(pieces).toEqual(notesBetween(0, at));
      }),
    );
  });

  it('has its notes on half beats, and none of them out of a child’s hearing or a small speaker', () => {
    const half = 30 / BEATS_PER_MINUTE;
    for (const { atSeconds, hertz } of notesBetween(0, 60)) {
      const beats = atSeconds / half;
      expect(Math.abs(beats - Math.round(beats))).toBeLessThan(1e-6);
      expect(hertz).toBeGreaterThan(110);
      expect(hertz).toBeLessThan(1200);
    }
  });

  it('plays while they travel, and freezes for the draw', () => {
    const script = withBeats(
      drawBeat(['squat', 'hop'], {
        device: { kind: 'leader' },
        rules: {
          between: { move: 'march', leastSeconds: 5, mostSeconds: 9, tightens: false },
          stop: { after: 'draws', draws: 3 },
        },
      }),
    );
    const { cues } = unroll(script);
    const playing = cues.filter(hasMusic);
    expect(new Set(playing.map(({ doing }) => doing!.move))).toEqual(new Set(['march']));
    expect(playing).toHaveLength(3);
    expect(cues.filter(({ kind }) => kind === 'draw').some(hasMusic)).toBe(false);
  });
});
