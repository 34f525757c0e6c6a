import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { offPrice, pick, type Choice, type Row } from './programme';

type Option = Readonly<{ cost: number; seconds: number }>;
type One = Choice<Option>;
const seconds = ({ seconds: taken }: Option) => taken;
const row = (least: number, most: number, price = 10): Row<Option, One> => ({
  least,
  most,
  price,
  amount: seconds,
});

/** Every plan there is. */
const plans = (choices: readonly One[]): number[][] =>
  choices.reduce<number[][]>(
    (all, { options }) => all.flatMap((plan) => options.map((_, n) => [...plan, n])),
    [[]],
  );
const costOf = (
  choices: readonly One[],
  rows: readonly Row<Option, One>[],
  plan: readonly number[],
) =>
  offPrice(choices, rows, plan) +
  choices.reduce((sum, { options }, n) => sum + options[plan[n]!]!.cost, 0);

const option = fc.record({
  cost: fc.integer({ min: 1, max: 40 }).map((tenths) => tenths / 10),
  seconds: fc.integer({ min: 0, max: 60 }),
});
/** The first option is what was written, and costs nothing. */
const choice = fc
  .tuple(fc.integer({ min: 0, max: 60 }), fc.array(option, { minLength: 1, maxLength: 3 }))
  .map(([written, others]): One => ({ options: [{ cost: 0, seconds: written }, ...others] }));

describe('what is picked', () => {
  it('costs hardly more than the best of all plans (brute force)', () => {
    fc.assert(
      fc.property(
        fc.array(choice, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 0, max: 240 }),
        fc.integer({ min: 0, max: 10 }),
        (choices, least, wide) => {
          const rows = [row(least, least + wide)];
          const best = Math.min(...plans(choices).map((plan) => costOf(choices, rows, plan)));
          // The search stops when no plan can be better by more than a fiftieth.
          expect(costOf(choices, rows, pick(choices, rows))).toBeLessThanOrEqual(
            best * 1.021 + 1e-6,
          );
        },
      ),
      { numRuns: 80 },
    );
  });

  it('holds to several rows, the dearer one first', () => {
    const choices: One[] = [
      {
        options: [
          { cost: 0, seconds: 10 },
          { cost: 1, seconds: 20 },
        ],
      },
      {
        options: [
          { cost: 0, seconds: 10 },
          { cost: 1, seconds: 20 },
        ],
      },
    ];
    // 40 are wanted, at ten a second; no more than 20, at a tenth of that.
    expect(pick(choices, [row(40, 40), row(0, 20, 1)])).toEqual([1, 1]);
    expect(pick(choices, [row(40, 40, 1), row(0, 20)])).toEqual([0, 0]);
  });

  it('leaves everything as it is where that is best', () => {
    const choices: One[] = Array.from({ length: 30 }, () => ({
      options: [
        { cost: 0, seconds: 5 },
        { cost: 1, seconds: 9 },
      ],
    }));
    expect(pick(choices.slice(0, 3), [row(15, 15)])).toEqual([0, 0, 0]);
    expect(pick(choices, [row(150, 150)])).toEqual(choices.map(() => 0));
    expect(pick([], [row(0, 10)])).toEqual([]);
  });

  it.each([13, 40, 90])('keeps the rows of %i choices, too many to try', (count) => {
    const choices: One[] = Array.from({ length: count }, (_, n) => ({
      options: [
        { cost: 0, seconds: 20 },
        { cost: 1 + (n % 3), seconds: 15 - (n % 4) },
        { cost: 2, seconds: 27 },
      ],
    }));
    for (const wanted of [count * 18, count * 21 + 3]) {
      const rows = [row(wanted - 10, wanted)];
      const heard: number[] = [];
      const plan = pick(choices, rows, (share) => heard.push(share));
      expect(offPrice(choices, rows, plan)).toBeLessThan(1e-6);
      expect(heard[0]).toBe(0);
      expect(Math.max(...heard)).toBeLessThan(1);
    }
  });

  it('goes as near as it can where the row can’t be kept', () => {
    const choices: One[] = Array.from({ length: 20 }, () => ({
      options: [
        { cost: 0, seconds: 20 },
        { cost: 3, seconds: 12 },
      ],
    }));
    expect(pick(choices, [row(0, 100)])).toEqual(choices.map(() => 1));
  });
});

describe('what is paid for being off', () => {
  const choices: One[] = [{ options: [{ cost: 0, seconds: 30 }] }];

  it.each([
    [30, 30, 0],
    [20, 40, 0],
    [31, 40, 10],
    [10, 28, 20],
    [-Infinity, 25, 50],
    [33, Infinity, 30],
  ])('30 s where %f to %f are wanted: %i', (least, most, paid) => {
    expect(offPrice(choices, [row(least, most)], [0])).toBe(paid);
  });
});
