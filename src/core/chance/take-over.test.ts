import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { drawBeat } from '../testing/make';
import { chancesToTakeOver } from './take-over';
import { urnOf } from './urn';

const MOVES = ['march', 'jog', 'hop', 'squat', 'star-shape', 'plank'];
const chances = (moves: readonly string[], rules: object) => {
  const urn = urnOf(drawBeat(moves, { rules: rules as never }));
  if (!urn.ok) throw new Error(urn.problems[0]!.code);
  return chancesToTakeOver(urn.value);
};
const draws = (n: number) => ({ stop: { after: 'draws', draws: n } });

describe('the chance that one entry comes in more than half of the draws', () => {
  // jStat, a package of statistics that isn't ours, has the binomial and the hypergeometric distribution.
  it('is binomial where everything is put back', () => {
    const found = chances(MOVES, { returns: 'back', ...draws(5) })!;
    const expected = 1 - jstat.binomial.cdf(2, 5, 1 / 6);
    for (const chance of found) expect(chance).toBeCloseTo(expected, 10);
  });
  it('of an even number of draws half is not more than half', () => {
    const [found] = chances(MOVES, { returns: 'back', ...draws(4) })!;
    expect(found).toBeCloseTo(1 - jstat.binomial.cdf(2, 4, 1 / 6), 10);
  });
  it('is hypergeometric where what is drawn stays out', () => {
    // Two cubes' faces have each move twice: of 4 cards 2 are marched.
    const found = chances(['march', 'jog'], { returns: 'out', ...draws(1) });
    expect(found).toEqual([0.5, 0.5]);
  });
  it('isn’t told where the rules see to it, or where nobody knows how many draws there are', () => {
    expect(chances(MOVES, { returns: 'back', mostOfOne: 2, ...draws(5) })).toBeNull();
    expect(chances(MOVES, { returns: 'back', mostOfOne: 3, ...draws(5) })).not.toBeNull();
    expect(chances(MOVES, { returns: 'back', mostAhead: 1, ...draws(5) })).toBeNull();
    expect(chances(MOVES, { returns: 'back', stop: { after: 'all seen' } })).toBeNull();
  });
});
