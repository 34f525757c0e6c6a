import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../moves/catalogue';
import { firstSound, rhymeOf, rhymes, SOUND_WORDS } from './phonemes';

describe('first sounds', () => {
  // docs/facts.md, from the CMU Pronouncing Dictionary (American).
  it.each([
    ['knight', 'N'],
    ['giraffe', 'JH'],
    ['whale', 'W'],
    ['unicorn', 'Y'],
    ['queen', 'K'],
    ['circle', 'S'],
  ])('%s begins with %s', (word, sound) => {
    expect(firstSound(word, dictionary)).toBe(sound);
  });

  it('hears the first word of several, whatever its case', () => {
    expect(firstSound('  Knee-high Grass', dictionary)).toBe('N');
  });

  it('hears an invented word by its longest known beginning', () => {
    expect(firstSound('Reedfenny', dictionary)).toBe('R');
    expect(firstSound('qqqq', dictionary)).toBeNull();
    expect(firstSound('', dictionary)).toBeNull();
    expect(firstSound('constructor', {})).toBeNull();
  });

  it('knows one for every move, and has words for each sound that a word can begin with', () => {
    for (const { name } of CATALOGUE) {
      const sound = firstSound(name, dictionary);
      expect(sound, name).not.toBeNull();
      expect(SOUND_WORDS[sound!], name).toBeDefined();
    }
    for (const [sound, [, example]] of Object.entries(SOUND_WORDS)) {
      expect(firstSound(example, dictionary), example).toBe(sound);
    }
  });
});

describe('rhymes', () => {
  it.each([
    ['boat', 'float', true],
    ['kite', 'knight', true],
    ['marsh', 'march', false],
    ['punt', 'punt', false],
    ['lantern', 'zzzz', false],
  ])('%s and %s: %s', (one, other, expected) => {
    expect(rhymes(one, other, dictionary)).toBe(expected);
    expect(rhymes(other, one, dictionary)).toBe(expected);
  });

  it('counts from the last stressed vowel', () => {
    expect(rhymeOf('along', dictionary)).toBe(rhymeOf('song', dictionary));
    expect(rhymeOf('', dictionary)).toBeNull();
  });
});
