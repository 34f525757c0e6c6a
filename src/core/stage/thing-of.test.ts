import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { facesOf } from '../devices/thing';
import { drawBeat } from '../testing/make';
import { sumInSigns, sumOf, thingsOf } from './thing-of';

const draw = (number: number | null, amount: number | null, value: number | null = number) => ({
  outcome: 0,
  entry: 0,
  value,
  standIn: false,
  number,
  amount,
  isFirst: true,
  betweenSeconds: 0,
});
const sum = (times: number, plus: number, most = 60) =>
  ({ from: 'outcome', times, plus, least: 2, most, ask: true }) as const;
const moves = ['squat', 'march', 'hop'];

describe('the sum of a draw', () => {
  it.each([
    [sum(2, 0), 5, 10, '5 × 2 = ?', '5 × 2 = 10'],
    [sum(1, 3), 5, 8, '5 + 3 = ?', '5 + 3 = 8'],
    [sum(3, -2), 4, 10, '4 × 3 − 2 = ?', '4 × 3 − 2 = 10'],
    [sum(2, 0, 12), 10, 12, '10 × 2 = ?', '10 × 2 = 20, at most 12'],
    [sum(1, -1), 6, 5, '6 − 1 = ?', '6 − 1 = 5'],
    [sum(2, 1), 3, 7, '3 × 2 + 1 = ?', '3 × 2 + 1 = 7'],
    [sum(1, -4), 5, 2, '5 − 4 = ?', '5 − 4 = 1, at least 2'],
  ])('%o with %i makes %i: %s', (amount, number, made, asked, solved) => {
    const found = sumOf(drawBeat(moves, { amount }), draw(number, made))!;
    expect(sumInSigns(found, false)).toBe(asked);
    expect(sumInSigns(found, true)).toBe(solved);
  });

  it('there is none where the number itself is the amount, or nothing was counted', () => {
    expect(sumOf(drawBeat(moves, { amount: sum(1, 0) }), draw(5, 5))).toBeNull();
    expect(sumOf(drawBeat(moves), draw(null, null))).toBeNull();
  });
});

describe('what a draw looks like', () => {
  it('dice show the total that was drawn, each a face that they have', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4 }),
        fc.constantFrom(4, 6, 8, 20),
        fc.nat(),
        (dice, sides, n) => {
          const total = dice + (n % (dice * sides - dice + 1));
          const faces = facesOf(total, dice, sides);
          expect(faces).toHaveLength(dice);
          expect(faces.reduce((all, face) => all + face, 0)).toBe(total);
          for (const face of faces) expect(face >= 1 && face <= sides).toBe(true);
        },
      ),
    );
    expect(facesOf(1, 2, 6)).toEqual([]);
    expect(facesOf(13, 2, 6)).toEqual([]);
  });

  it('a number die lies beside the device; a plain list has nothing to look at', () => {
    const amount = { ...sum(1, 0), from: 'number die', sides: 6, dice: 1 } as const;
    const spun = drawBeat(moves, { device: { kind: 'spinner' }, amount });
    expect(thingsOf(spun, draw(4, 4, null)).map(({ kind }) => kind)).toEqual(['wheel', 'dice']);
    expect(thingsOf(drawBeat(moves), draw(null, null))).toEqual([]);
    const called = drawBeat(moves, { device: { kind: 'calls' } });
    expect(thingsOf(called, draw(null, null))).toEqual([{ kind: 'spot', entry: 0, label: '1' }]);
  });
});
