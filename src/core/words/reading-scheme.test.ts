import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import { hasSoundOf, isOneSound, isWrittenWith, LETTER_SETS } from './reading-scheme';

describe('letters and their sounds', () => {
  it('knows which letters make one sound', () => {
    expect(['s', 'sh', 'ck', 'ff'].map(isOneSound)).toEqual([true, true, true, true]);
    expect(['st', 'str', ''].map(isOneSound)).toEqual([false, false, false]);
    expect(LETTER_SETS[0]).toEqual(['s', 'a', 't', 'p']);
  });
  it('looks for a letter where its sound belongs: mostly the beginning', () => {
    expect(isWrittenWith('S', 'Sun hat')).toBe(true);
    expect(isWrittenWith('s', 'a sun')).toBe(false);
    expect(isWrittenWith('x', 'fox')).toBe(true);
    expect(isWrittenWith('x', 'xylophone')).toBe(false);
    expect(isWrittenWith('ck', 'duck')).toBe(true);
    expect(isWrittenWith('', 'sun')).toBe(false);
    expect(isWrittenWith('s', '…')).toBe(false);
  });
});

describe('hasSoundOf', () => {
  // The sounds are those of the CMU Pronouncing Dictionary (American).
  it.each([
    ['s', 'sun', true],
    ['s', 'ship', false],
    ['sh', 'ship', true],
    ['c', 'cat', true],
    ['c', 'city', false],
    ['x', 'fox', true],
    ['x', 'xylophone', false],
    ['ck', 'duck', true],
    ['ck', 'cat', false],
    ['o', 'octopus', true],
    ['o', 'oval', false],
    ['th', 'this', true],
    ['th', 'thumb', true],
    ['th', 'tiger', false],
  ])('%s in %s: %s', (letter, word, has) => {
    expect(hasSoundOf(letter, word, dictionary)).toBe(has);
  });
  it('doesn’t judge letters of other languages, unknown words, and letters without a sound', () => {
    expect(hasSoundOf('ä', 'apple', dictionary)).toBeNull();
    expect(hasSoundOf('e', 'été', dictionary)).toBeNull();
    expect(hasSoundOf('q', 'qqqq', dictionary)).toBeNull();
    expect(hasSoundOf('st', 'star', dictionary)).toBeNull();
  });
});
