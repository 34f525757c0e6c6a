import { describe, expect, it } from 'vitest';
import type { Forecast } from '$core';
import { basisInWords, forecastInWords, rangeInWords } from './forecast-words';

const spread = (p10: number, p90: number) => ({ mean: (p10 + p90) / 2, p10, p50: p10, p90 });
const base: Forecast = {
  sessions: 100_000,
  errorBound: 0.00515,
  seconds: spread(780, 870),
  lengths: { from: 750, step: 15, shares: [1] },
  slotSeconds: 900,
  chanceOver: 1 / 32,
  reps: spread(90, 130),
  landings: spread(40, 40),
  livelySeconds: spread(180, 240),
  moves: [],
};

describe('what to expect of a session', () => {
  it('is said with its range and against the slot', () => {
    expect(forecastInWords(base)).toEqual([
      'In eight sessions of ten it takes 13:00 to 14:30.',
      'It runs over your 15:00 in 1 session of 32.',
      'Each child does 90 to 130 counted moves.',
      'They land 40 times.',
      'They’re really moving for 3 min to 4 min.',
    ]);
  });

  it('leaves out what there is none of, and tells how sure it is', () => {
    const none = { ...base, chanceOver: 0, reps: spread(0, 0), landings: spread(0, 0) };
    expect(forecastInWords({ ...none, livelySeconds: spread(0, 0) })).toEqual([
      'In eight sessions of ten it takes 13:00 to 14:30.',
      'It stays within your 15:00.',
    ]);
    expect(basisInWords(base)).toContain(
      '100,000 times, so every chance is right to within 0.6 in 100',
    );
    expect(rangeInWords(spread(7, 7))).toBe('7');
  });
});
