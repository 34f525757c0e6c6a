import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addKernel, kernelOf } from './kernel';

describe('a value more in a sum', () => {
  it('knows the faces of a number die with a floor as a run and a point', () => {
    const faces = [[3, 1 / 12], ...Array.from({ length: 11 }, (_, n) => [4 + 2 * n, 1 / 12])];
    expect(kernelOf(faces as [number, number][])).toEqual({
      run: { start: 4, step: 2, count: 11, chance: 1 / 12 },
      points: [[3, 1 / 12]],
    });
  });

  it('adds the same as value by value', () => {
    const value = fc.integer({ min: 0, max: 12 });
    const run = fc.record({
      start: value,
      step: fc.integer({ min: 1, max: 4 }),
      count: fc.integer({ min: 1, max: 9 }),
    });
    const others = fc.array(fc.tuple(value, fc.constantFrom(0.1, 0.25, 0.5)), { maxLength: 4 });
    const source = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), {
      minLength: 1,
      maxLength: 30,
    });
    fc.assert(
      fc.property(run, others, source, ({ start, step, count }, more, mass) => {
        const chances = new Map<number, number>(more);
        for (let n = 0; n < count; n += 1) chances.set(start + n * step, 0.125);
        const list = [...chances];
        const least = mass.findIndex((one) => one > 0);
        if (least < 0) return;
        const most = Math.max(...chances.keys());
        const plain = new Float64Array(mass.length + most);
        for (const [one, chance] of list) {
          mass.forEach((have, at) => (plain[at + one]! += have * chance * 0.7));
        }
        const slid = new Float64Array(mass.length + most);
        const scratch = new Float64Array(slid.length);
        addKernel(slid, Float64Array.from(mass), kernelOf(list), 0.7, least, mass.length, scratch);
        slid.forEach((one, at) => expect(one).toBeCloseTo(plain[at]!, 12));
      }),
    );
  });
});
