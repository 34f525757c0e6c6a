import { describe, expect, it } from 'vitest';
import {
  counted,
  countRead,
  countWord,
  numberRead,
  numberWord,
  textInDigits,
  within,
  wordsToDigits,
} from './numbers';

describe('numbers as words', () => {
  it('has words from nought to nineteen', () => {
    expect([0, 1, 12, 19].map(numberWord)).toEqual(['zero', 'one', 'twelve', 'nineteen']);
    expect(() => numberWord(20)).toThrow(RangeError);
    expect(() => numberWord(-1)).toThrow(RangeError);
  });
  it('writes words up to a limit, and digits beyond', () => {
    expect(countWord(10, 10)).toBe('ten');
    expect(countWord(11, 10)).toBe('11');
  });
  it('has one of a thing, and many', () => {
    expect([0, 1, 2].map((n) => counted(n, 'draw', 'draws'))).toEqual([
      '0 draws',
      '1 draw',
      '2 draws',
    ]);
  });
});

describe('words as numbers', () => {
  it.each([
    ['twenty five hops', '25 hops'],
    ['twenty ten', '20 10'],
    ['ninety nine', '99'],
    ['ten five', '10 5'],
    ['thirty', '30'],
    ['five hops twenty', '5 hops 20'],
  ])('%s: %s', (said, read) => {
    expect(wordsToDigits(said.split(' ')).join(' ')).toBe(read);
  });
  it('leaves out apostrophes and marks', () => {
    expect(textInDigits('Thirty seconds’ rest: then TEN hops!')).toBe(
      '30 seconds rest then 10 hops ',
    );
  });
});

describe('ranges', () => {
  it('keeps what is within, at both ends', () => {
    const range = { least: 2, most: 5 };
    expect([1, 2, 3, 5, 6].map((n) => within(n, range))).toEqual([2, 2, 3, 5, 5]);
  });
  it('reads no number above 9999, and lists from 1 to 99', () => {
    expect([0.5, 9999, 10_000].map(numberRead)).toEqual([0.5, 9999, 9999]);
    expect([0, 1, 99, 100].map(countRead)).toEqual([1, 1, 99, 99]);
  });
});
