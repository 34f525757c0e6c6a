import { describe, expect, it } from 'vitest';
import { clockOf, inSeconds, lengthInWords } from './clock';

describe('clockOf', () => {
  it.each([
    [0, '0:00'],
    [5.4, '0:05'],
    [59.5, '1:00'],
    [65, '1:05'],
    [3599.4, '59:59'],
    [3600, '1:00:00'],
    [3727, '1:02:07'],
    [-75, '−1:15'],
    [-0.3, '0:00'],
  ])('tells %s s as %s', (seconds, told) => {
    expect(clockOf(seconds)).toBe(told);
  });
});

describe('lengthInWords', () => {
  it.each([
    [0, '0 s'],
    [48.4, '48 s'],
    [59.6, '1 min'],
    [120, '2 min'],
    [75, '1 min 15 s'],
    [3661, '61 min 1 s'],
  ])('tells %s s as %s', (seconds, told) => {
    expect(lengthInWords(seconds)).toBe(told);
  });
});

it('an amount is in seconds where no unit is said, else as its unit has it', () => {
  expect(inSeconds('30')).toBe(30);
  expect(inSeconds('30', 's')).toBe(30);
  expect(inSeconds('2', 'min')).toBe(120);
  expect(inSeconds('2', 'Minutes')).toBe(120);
});
