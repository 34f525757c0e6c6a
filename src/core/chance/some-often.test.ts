import { describe, expect, it } from 'vitest';
import { usualRules } from '../devices';
import { someOften } from './some-often';
import type { Urn } from './urn';

function urnOf(copies: readonly number[], rules: Partial<Urn['rules']> = {}): Urn {
  const outcomes = copies.map((n, entry) => ({ entry, value: null, weight: 1, copies: n }));
  return {
    outcomes,
    entries: copies.length,
    rules: { ...usualRules({ kind: 'spinner' }, copies.length), onRepeat: 'keep', ...rules },
  };
}

/** Every hand of so many draws, counted one by one: the sum that the product stands for. */
function counted(sides: number, draws: number, least: number): number {
  let good = 0;
  const all = sides ** draws;
  for (let n = 0; n < all; n += 1) {
    const seen = Array.from({ length: sides }, () => 0);
    for (let rest = n, k = 0; k < draws; k += 1, rest = Math.floor(rest / sides))
      seen[rest % sides]! += 1;
    if (Math.max(...seen) >= least) good += 1;
  }
  return good / all;
}

describe('some entry that comes often', () => {
  it.each([
    [6, 6, 3],
    [4, 7, 4],
    [2, 11, 8],
  ])('of %d, in %d draws, %d times or more: as counted one by one', (sides, draws, k) => {
    const often = someOften(urnOf(Array.from({ length: sides }, () => 1)), draws)!;
    expect(often[k]).toBeCloseTo(counted(sides, draws, k), 10);
  });

  it('is as likely as its smallest parts say: once at least, and never more often than draws', () => {
    const often = someOften(urnOf([1, 1, 1, 1, 1, 1]), 20)!;
    expect(often[0]).toBe(1);
    // Twenty throws of six faces: some face comes four times or more, for 6 x 3 is less than 20.
    expect(often[4]).toBeCloseTo(1, 12);
    expect(often).toHaveLength(21);
    expect(often[20]).toBeCloseTo(6 / 6 ** 20, 12);
  });

  it('is not told where the rules tie draws to each other', () => {
    const six = [1, 1, 1, 1, 1, 1];
    expect(someOften(urnOf(six, { onRepeat: 'stand-in' }), 9)).toBeNull();
    expect(someOften(urnOf(six, { onRepeat: 'again' }), 60)).toBeNull();
    expect(someOften(urnOf(six, { mostOfOne: 3 }), 9)).toBeNull();
    expect(someOften(urnOf(six, { mostAhead: 2 }), 9)).toBeNull();
    expect(someOften(urnOf(six, { returns: 'bag' }), 9)).toBeNull();
    expect(someOften(urnOf(six, { returns: 'out' }), 9)).toBeNull();
    expect(someOften(urnOf(six), 1000)).toBeNull();
  });
});
