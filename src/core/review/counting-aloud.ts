import type { TimedWord } from './timed-word';

/** A count that was said aloud, one number after another, up or down. */
export type CountAloud = Readonly<{
  startSeconds: number;
  endSeconds: number;
  from: number;
  to: number;
  /** Where each of its numbers was said. */
  atSeconds: readonly number[];
}>;

/** Longest from one number to the next, in seconds, and words between them. Our own judgement. */
const LONGEST_GAP = 9;
const MOST_BETWEEN = 14;
/** Shorter counts are numbers that happen to be said. */
const SHORTEST = 3;
/** One number that was not heard breaks no count. */
const MOST_MISSED = 2;
const MOST_NUMBER = 400;

/**
 * The counts in what was said: runs of numbers that go up or down by one, with a number or two missed
 * by whoever wrote the captions. "Three, two, one, go" is none: it is how one begins.
 */
export function countsAloud(words: readonly TimedWord[]): readonly CountAloud[] {
  const numbers = words.flatMap(({ text, startSeconds, endSeconds }, index) => {
    const value = /^\d{1,3}$/u.test(text) ? Number(text) : NaN;
    return value >= 0 && value <= MOST_NUMBER ? [{ value, startSeconds, endSeconds, index }] : [];
  });
  const counts: CountAloud[] = [];
  let run: (typeof numbers)[number][] = [];
  let step = 0;
  const close = () => {
    const first = run[0];
    const last = run.at(-1);
    if (first && last && run.length >= SHORTEST) {
      const down = step < 0;
      const isCountIn = down && first.value <= 5 && last.value <= 1 && run.length <= 5;
      if (!isCountIn) {
        counts.push({
          startSeconds: first.startSeconds,
          endSeconds: last.endSeconds,
          from: first.value,
          to: last.value,
          atSeconds: run.map(({ startSeconds }) => startSeconds),
        });
      }
    }
    run = [];
    step = 0;
  };
  for (const number of numbers) {
    const last = run.at(-1);
    if (!last) {
      run = [number];
      continue;
    }
    const by = number.value - last.value;
    const near =
      number.startSeconds - last.startSeconds <= LONGEST_GAP * Math.max(1, Math.abs(by)) &&
      number.index - last.index <= MOST_BETWEEN;
    // Said twice, or "two more": it belongs to the count and does not move it on.
    if (by === 0 && near) continue;
    const goesOn =
      near && Math.abs(by) <= 1 + MOST_MISSED && (step === 0 || Math.sign(by) === step);
    if (goesOn && (step !== 0 || Math.abs(by) === 1)) {
      step = Math.sign(by);
      run.push(number);
    } else {
      close();
      run = [number];
    }
  }
  close();
  return counts;
}

/** How many were counted: to the last number, or from the first where it goes back. */
export function countedTo({ from, to }: Pick<CountAloud, 'from' | 'to'>): number {
  return Math.max(from, to) - (Math.min(from, to) > 1 && from < to ? Math.min(from, to) - 1 : 0);
}
