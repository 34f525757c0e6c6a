import { describe, expect, it } from 'vitest';
import { dayInColumn, dayInShort, dayInWords, daysBetween, isDay, laterBy } from './days';

describe('days by the calendar', () => {
  it('are days that there are', () => {
    expect(['2027-03-02', '2028-02-29'].map(isDay)).toEqual([true, true]);
    expect(['2027-02-29', '2027-13-01', '2027-3-2', 'Tuesday', ''].map(isDay)).toEqual(
      Array.from({ length: 5 }, () => false),
    );
  });
  it('go on across months, years and the hour that clocks are put on', () => {
    expect(laterBy('2027-02-28', 1)).toBe('2027-03-01');
    expect(laterBy('2028-02-28', 1)).toBe('2028-02-29');
    expect(laterBy('2027-12-31', 7)).toBe('2028-01-07');
    expect(laterBy('2027-03-02', -7)).toBe('2027-02-23');
    expect(daysBetween('2027-03-27', '2027-03-29')).toBe(2);
    expect(daysBetween('2027-10-30', '2027-11-01')).toBe(2);
    expect(daysBetween('2027-03-02', '2027-02-23')).toBe(-7);
    expect(() => laterBy('2027-02-30', 1)).toThrow('is no day');
  });
  it('are told long and short', () => {
    expect(dayInWords('2027-03-02')).toBe('Tue 2 March');
    expect(dayInWords('2027-03-02', true)).toBe('Tue 2 March 2027');
    expect(dayInColumn('2027-03-02')).toBe('2 Mar');
    expect(dayInShort('2027-03-02')).toBe('2 March');
  });
});
