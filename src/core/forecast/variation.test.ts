import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { LEAST_FACTOR, NO_VARIATION, variationFor } from './variation';

const varies = (given: object) => variationFor({ ...DEFAULT_PACE, ...given });

describe('how far a session strays', () => {
  it('is further with a presenter of whom nothing is known', () => {
    expect(varies({})).toMatchObject({ talk: 0.24, tempo: 0.2, moments: true });
    expect(varies({ wordsPerMinute: 150 })).toMatchObject({ talk: 0.12, tempo: 0.2 });
    expect(varies({ repTimes: { squat: 1.1 } })).toMatchObject({ talk: 0.24, tempo: 0.1 });
    expect(varies({ secondsPerRep: { squat: 2 } })).toMatchObject({ tempo: 0.1 });
  });
  it('is what was seen, where enough was, within what is likely', () => {
    const known = { wordsPerMinute: 150, secondsPerRep: { squat: 2 } };
    expect(varies({ ...known, talkVaries: 0.2, repsVary: 0.08 })).toMatchObject({
      talk: 0.2,
      tempo: 0.08,
    });
    expect(varies({ ...known, talkVaries: 0, repsVary: 1 })).toMatchObject({
      talk: 0.05,
      tempo: 0.3,
    });
    // Of somebody whose pace isn't known nothing that was seen counts.
    expect(varies({ talkVaries: 0.05, repsVary: 0.05 })).toMatchObject({ talk: 0.24, tempo: 0.2 });
  });
  it('without it only chance is left', () => {
    expect(Object.values(NO_VARIATION)).toEqual([0, 0, 0, 0, false]);
    expect(LEAST_FACTOR).toBeGreaterThan(0);
    expect(LEAST_FACTOR).toBeLessThan(1);
  });
});
