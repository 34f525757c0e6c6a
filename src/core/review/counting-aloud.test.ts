import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { countedTo, countsAloud } from './counting-aloud';
import { timedWords } from './timed-words';

const heard = (text: string, seconds = 10) =>
  countsAloud(timedWords([{ startSeconds: 0, endSeconds: seconds, text, wordSeconds: null }])).map(
    (count) => [count.from, count.to, countedTo(count)],
  );

describe('counts in what is said', () => {
  it.each([
    ['one two three four five', [[1, 5, 5]]],
    ['ten nine eight seven six five four three two one', [[10, 1, 10]]],
    ['squats one and two lovely three keep going four', [[1, 4, 4]]],
    [
      '1 2 3 4 5 6 and again 1 2 3 4',
      [
        [1, 6, 6],
        [1, 4, 4],
      ],
    ],
    // One that nobody heard breaks no count, and neither does one that is said twice.
    ['one two four five five six', [[1, 6, 6]]],
    ['nineteen twenty twenty one twenty two', [[19, 22, 4]]],
    // A count-in is none, and neither are two numbers that happen to be said.
    ['ready three two one go', []],
    ['take two steps and then three', []],
    ['number seven and then one hundred', []],
  ])('%s', (text, found) => {
    expect(heard(text)).toEqual(found);
  });

  it('two counts far apart are two', () => {
    const words = timedWords([
      { startSeconds: 0, endSeconds: 4, text: 'one two three four', wordSeconds: null },
      { startSeconds: 60, endSeconds: 64, text: 'five six seven eight', wordSeconds: null },
    ]);
    expect(countsAloud(words)).toHaveLength(2);
  });

  it('any count from one is heard to its end', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 60 }), (to) => {
        const text = Array.from({ length: to }, (_, n) => String(n + 1)).join(' ');
        expect(heard(text, to)).toEqual([[1, to, to]]);
      }),
    );
  });
});

describe('words with their times', () => {
  it('lie within their caption by their length, or where the file has them', () => {
    const [a, b] = timedWords([
      { startSeconds: 10, endSeconds: 11, text: 'March! on', wordSeconds: null },
    ]);
    expect(a).toMatchObject({ text: 'march', startSeconds: 10 });
    expect(b!.startSeconds).toBeCloseTo(10 + 6 / 8, 5);
    const own = timedWords([{ startSeconds: 1, endSeconds: 9, text: 'a b', wordSeconds: [1, 7] }]);
    expect(own.map(({ startSeconds }) => startSeconds)).toEqual([1, 7]);
  });

  it('nobody says a word for a minute: a caption that stays stands, and the words are over', () => {
    const words = timedWords([
      { startSeconds: 0, endSeconds: 60, text: 'and rest', wordSeconds: null },
    ]);
    expect(words.at(-1)!.endSeconds).toBeLessThan(2.1);
  });
});
