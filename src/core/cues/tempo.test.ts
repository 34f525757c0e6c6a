import { describe, expect, it } from 'vitest';
import { secondsInTempo, secondsToCount, countsDone } from './tempo';
import { TIMINGS } from './timing';
import type { Doing } from './cue';

const doing = (given: Partial<Doing>) =>
  ({ tempo: 'usual', secondsPerCount: 2, amount: 5, ...given }) as Doing;
const { slowTempo, fastTempo } = TIMINGS;

describe('secondsInTempo', () => {
  it('a number is beats a minute', () => {
    expect(secondsInTempo(120, 3)).toBe(0.5);
    expect(secondsInTempo(30, 3)).toBe(2);
  });
  it('slow is longer than usual, fast shorter, faster between the two', () => {
    expect(secondsInTempo('usual', 3)).toBe(3);
    expect(secondsInTempo('slow', 3)).toBeCloseTo(3 * slowTempo.usual);
    expect(secondsInTempo('fast', 3)).toBeCloseTo(3 * fastTempo.usual);
    expect(slowTempo.usual).toBeGreaterThan(1);
    expect(fastTempo.usual).toBeLessThan(1);
    expect(secondsInTempo('faster', 3)).toBeCloseTo(1.5 * (slowTempo.usual + fastTempo.usual));
  });
});

describe('counts in a turn', () => {
  it('come evenly in any tempo but "faster"', () => {
    const one = doing({ tempo: 'slow' });
    expect([0, 1, 2, 5].map((n) => secondsToCount(one, n))).toEqual([0, 2, 4, 10]);
    expect([0, 1.99, 2, 9.99, 10].map((at) => countsDone(one, at))).toEqual([0, 0, 1, 4, 5]);
  });
  it('come ever sooner in "faster", and take the time of all together', () => {
    const one = doing({ tempo: 'faster' });
    const ends = [0, 1, 2, 3, 4, 5].map((n) => secondsToCount(one, n));
    const gaps = ends.slice(1).map((end, n) => end - ends[n]!);
    expect(ends[5]).toBeCloseTo(10);
    for (let n = 1; n < gaps.length; n += 1) expect(gaps[n]!).toBeLessThan(gaps[n - 1]!);
    // From slow to fast: the first is to the last as the tempi are.
    expect(gaps[0]! / gaps[4]!).toBeCloseTo(slowTempo.usual / fastTempo.usual);
    expect(gaps[0]! - gaps[1]!).toBeCloseTo(gaps[3]! - gaps[4]!);
  });
  it('are over when their end is reached, and not before', () => {
    const one = doing({ tempo: 'faster' });
    for (let n = 1; n <= 5; n += 1) {
      expect(countsDone(one, secondsToCount(one, n) - 0.01)).toBe(n - 1);
      expect(countsDone(one, secondsToCount(one, n) + 0.01)).toBe(n);
    }
  });
  it('one count alone has nothing to get faster from', () => {
    expect(secondsToCount(doing({ tempo: 'faster', amount: 1 }), 1)).toBe(2);
  });
});
