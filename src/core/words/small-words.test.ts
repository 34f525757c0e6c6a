import { describe, expect, it, vi } from 'vitest';
import { countWords } from './count-words';
import { entryOf } from './entry-of';
import { letterWords, tellingWords } from './letter-words';
import { listed } from './listed';
import { median, toTenth } from './middle';
import { plainWords } from './plain-words';
import { remember } from './remember';
import { splitLine } from './split-line';

it('counts what is spoken: words and figures, no lone signs', () => {
  expect(countWords('Over we go! – 3, 2, 1 … go')).toBe(7);
  expect(countWords('Où est la lampe?')).toBe(4);
  expect(countWords(' … ')).toBe(0);
});

it('finds words without signs and figures', () => {
  expect(letterWords('Don’t stop: 3 Seals!')).toEqual(['don', 't', 'stop', 'seals']);
  expect(letterWords('12 …')).toEqual([]);
  expect(tellingWords('An owl is up, été')).toEqual(['owl', 'été']);
});

it('has words in one form, whatever their case, hyphens and plural', () => {
  expect(plainWords('Star-Jumps, glass bus’s')).toEqual(['star', 'jumps,', 'glass', 'buss']);
  expect(plainWords('frogs gas boss')).toEqual(['frog', 'gas', 'boss']);
});

it('says things in a row', () => {
  expect([[], ['jog'], ['jog', 'turn'], ['jog', 'turn', 'clap']].map(listed)).toEqual([
    '',
    'jog',
    'jog and turn',
    'jog, turn and clap',
  ]);
});

it('has the middle of values, whatever their order; none has none', () => {
  expect(median([9, 1, 3])).toBe(3);
  expect(median([10, 2, 4, 3])).toBe(3.5);
  expect(median([7])).toBe(7);
  expect(() => median([])).toThrow(RangeError);
  expect([1.04, 1.05, -0.26].map(toTenth)).toEqual([1, 1.1, -0.3]);
});

it('knows only what a table has itself', () => {
  expect(entryOf({ hop: 1 }, 'hop')).toBe(1);
  expect(entryOf({ hop: 1 }, 'constructor')).toBeUndefined();
});

it('works something out once for each object, nothing included', () => {
  const worked = vi.fn((key: { n: number }) => (key.n > 1 ? key.n : undefined));
  const known = remember(worked);
  const [one, two] = [{ n: 1 }, { n: 2 }];
  expect([known(one), known(one), known(two), known(two)]).toEqual([undefined, undefined, 2, 2]);
  expect(worked).toHaveBeenCalledTimes(2);
});

describe('splitLine', () => {
  it('leaves a short line whole, and has none of an empty one', () => {
    expect(splitLine(' Over we go. ', 20)).toEqual(['Over we go.']);
    expect(splitLine('  ', 20)).toEqual([]);
  });
  it('breaks at a sentence rather than a clause, and at a clause rather than a word', () => {
    expect(splitLine('The bell rings. Over the marsh, we go', 24)).toEqual([
      'The bell rings.',
      'Over the marsh, we go',
    ]);
    expect(splitLine('Over the dark marsh, we go to sea', 24)).toEqual([
      'Over the dark marsh,',
      'we go to sea',
    ]);
    expect(splitLine('Over the dark marsh we go', 14)).toEqual(['Over the dark', 'marsh we go']);
  });
  it('rather breaks at a word than after a sentence that is hardly begun', () => {
    expect(splitLine('Hi! Over the marsh we go', 20)).toEqual(['Hi! Over the marsh', 'we go']);
  });
  it('breaks a word without an end where it must', () => {
    expect(splitLine('aaaaaaaaaa', 4)).toEqual(['aaaa', 'aaaa', 'aa']);
  });
});
