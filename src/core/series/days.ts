import { addDays, format, isValid, parseISO } from 'date-fns';

/** A day by the calendar on the wall: "2027-03-02". */
export type Day = string;

const DAY = /^\d{4}-\d{2}-\d{2}$/u;

export function isDay(text: string): boolean {
  return DAY.test(text) && isValid(parseISO(text));
}

/** So many days later; earlier where it is less than none. Throws a RangeError for what is no day. */
export function laterBy(day: Day, days: number): Day {
  if (!isDay(day)) throw new RangeError(`laterBy: “${day}” is no day`);
  return format(addDays(parseISO(day), days), 'yyyy-MM-dd');
}

const DAY_MS = 86_400_000;

/**
 * Whole days from one day to another; the hour that clocks are put on or back is none. Asked thousands of times
 * for a long row, so that the days are counted in UTC, where each has as many hours.
 */
export function daysBetween(from: Day, to: Day): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}

/** "Tue 2 March", or with the year where it is asked for. */
export function dayInWords(day: Day, withYear = false): string {
  return format(parseISO(day), withYear ? 'EEE d MMMM yyyy' : 'EEE d MMMM');
}

/** "2 Mar": in a narrow column. */
export function dayInColumn(day: Day): string {
  return format(parseISO(day), 'd MMM');
}

/** "2 March": in a sentence. */
export function dayInShort(day: Day): string {
  return format(parseISO(day), 'd MMMM');
}
