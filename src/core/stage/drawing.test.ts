import { describe, expect, it } from 'vitest';
import { drawBeat } from '../testing/make';
import { stillToCome } from './drawing';

const until = (moves: number) =>
  drawBeat(moves, { rules: { stop: { after: 'all seen', most: 30 } } });
const draws = (...entries: readonly number[]) => entries.map((entry) => ({ entry }));

describe('draws until all were seen', () => {
  it('say how many are still to come, whatever comes twice', () => {
    const drawn = draws(2, 2, 0, 1);
    expect([0, 1, 2, 3, 4].map((count) => stillToCome(until(3), drawn, count))).toEqual([
      3, 2, 2, 1, 0,
    ]);
  });

  it('count only what can come at all', () => {
    const spinner = drawBeat(3, {
      device: { kind: 'spinner' },
      entries: drawBeat(3).entries.map((entry, n) => ({ ...entry, weight: n === 1 ? 0 : 1 })),
      rules: { stop: { after: 'all seen', most: 30 } },
    });
    expect(stillToCome(spinner, [], 0)).toBe(2);
  });

  it('say nothing where it goes by number or by the clock', () => {
    expect(stillToCome(drawBeat(3), draws(0), 1)).toBeNull();
    const timed = drawBeat(3, { rules: { stop: { after: 'seconds', seconds: 60 } } });
    expect(stillToCome(timed, draws(0), 1)).toBeNull();
  });
});
