import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { moveBookOf } from '../moves/move-book';
import { arbitraryAdventure } from '../testing/arbitrary';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { balanceOf } from './balance';
import { unroll } from './unroll';

const book = moveBookOf({ moves: [] });

describe('balance', () => {
  it('shares the work out, and says what part of the day’s 60 minutes is lively', () => {
    const adventure = withBeats(
      moveBeat([
        doseOf('squat', 360, { unit: 'seconds' }),
        doseOf('side-bend', 10, { unit: 'hold', sides: 'each' }),
      ]),
    );
    const balance = balanceOf(unroll(adventure), book);
    expect(balance.livelySeconds).toBe(360);
    expect(balance.livelyShare).toBe(0.1);
    expect([balance.left, balance.right]).toEqual([10, 10]);
    expect(new Map(balance.families).get('balancing')).toBe(360);
    expect(new Map(balance.regions).get('back')).toBe(20);
  });

  it('has no second for a part of the body, a side or a family that nothing works', () => {
    const { regions, families, left, right } = balanceOf(unroll(withBeats()), book);
    expect(regions.map(([, seconds]) => seconds)).toEqual(regions.map(() => 0));
    expect(families.map(([, seconds]) => seconds)).toEqual(families.map(() => 0));
    expect([left, right]).toEqual([0, 0]);
  });

  it('counts all work in exactly one family each', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        const schedule = unroll(adventure);
        const sum = balanceOf(schedule, book).families.reduce(
          (all, [, seconds]) => all + seconds,
          0,
        );
        expect(sum).toBeCloseTo(schedule.totals.all.workSeconds, 6);
      }),
    );
  });
});
