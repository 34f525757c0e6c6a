import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../moves/catalogue';
import { hasSoundOf, isWrittenWith, LETTER_SETS } from '../words/reading-scheme';
import { lettersOf, proposeForLetter, proposeStrip } from './letter-strip';

const source = { moves: CATALOGUE, ages: { from: 4, to: 5 }, kit: [], book: dictionary };
const alphabet = lettersOf('A-Z', LETTER_SETS);

describe('the sound of a letter', () => {
  // First phonemes from the CMU Pronouncing Dictionary: knight N, giraffe JH, circle S (docs/facts.md).
  it.each([
    ['K', 'knight', false],
    ['K', 'kite', true],
    ['G', 'giraffe', false],
    ['G', 'goat', true],
    ['C', 'circle', false],
    ['Q', 'queen', true],
    ['U', 'unicorn', false],
    ['X', 'fox', true],
    ['ll', 'shell', true],
    ['A', 'zorbleflump', null],
    ['Ø', 'oak', null],
  ])('%s as in %s: %s', (letter, word, expected) => {
    expect(hasSoundOf(letter, word, dictionary)).toBe(expected);
  });

  it('stands at the end of words for x and doubled letters', () => {
    expect(isWrittenWith('X', 'fox')).toBe(true);
    expect(isWrittenWith('X', 'xylophone')).toBe(false);
    expect(isWrittenWith('É', 'egg')).toBe(true);
    // Letters of other languages and regions, with sounds that no American dictionary has.
    for (const [letter, word] of [
      ['Ä', 'Äpfel'],
      ['É', 'étoile'],
      ['Ñ', 'ñandú'],
      ['Ø', 'øre'],
    ]) {
      expect(isWrittenWith(letter!, word!), word).toBe(true);
    }
    expect(isWrittenWith('Ø', 'otter')).toBe(false);
    expect(hasSoundOf('É', 'étoile', dictionary)).toBeNull();
    expect(hasSoundOf('Ö', 'otter', dictionary)).toBeNull();
  });
});

describe('a letter strip', () => {
  it('has a picture word and a move for every letter, with the letter and with its sound', () => {
    const strip = proposeStrip(alphabet, source);
    strip.forEach((idea, n) => {
      const letter = alphabet[n]!;
      expect(idea, letter).not.toBeNull();
      expect(isWrittenWith(letter, idea!.picture), `${letter} ${idea!.picture}`).toBe(true);
      expect(hasSoundOf(letter, idea!.picture, dictionary), `${letter} ${idea!.picture}`).not.toBe(
        false,
      );
      expect(idea!.move.fromAge).toBeLessThanOrEqual(4);
      expect(idea!.move.kit).toEqual([]);
    });
  });

  it('never has the same move twice in A to Z, and mostly other kinds side by side', () => {
    const ids = proposeStrip(alphabet, source).map((idea) => idea!.move.id);
    expect(new Set(ids).size).toBe(ids.length);
    const families = proposeStrip(alphabet, source).map((idea) => idea!.move.family);
    const same = families.filter((family, n) => family === families[n - 1]).length;
    expect(same).toBeLessThanOrEqual(3);
  });

  it('gives a letter that comes again a second idea', () => {
    const [, e1, e2] = proposeStrip(lettersOf('Sees', LETTER_SETS), source);
    expect(e1!.picture).not.toBe(e2!.picture);
    expect(e1!.move.id).not.toBe(e2!.move.id);
  });

  it('offers several ideas for a letter, best first, none of them twice', () => {
    const ideas = proposeForLetter('S', source);
    expect(ideas.length).toBeGreaterThanOrEqual(4);
    expect(new Set(ideas.map(({ picture }) => picture)).size).toBe(ideas.length);
    expect(ideas[0]!.sounds).toBe(true);
  });

  it('reads sets, stretches of the alphabet, and names in any script', () => {
    expect(lettersOf('set 1', LETTER_SETS)).toEqual(['s', 'a', 't', 'p']);
    expect(lettersOf('c to e', LETTER_SETS)).toEqual(['C', 'D', 'E']);
    expect(lettersOf('Zoë 3!', LETTER_SETS)).toEqual(['Z', 'O', 'Ë']);
    expect(lettersOf('灯', LETTER_SETS)).toEqual(['灯']);
    expect(lettersOf('sh, ch, th s', LETTER_SETS)).toEqual(['SH', 'CH', 'TH', 'S']);
    expect(lettersOf('my boat', LETTER_SETS)).toEqual([...'MYBOAT']);
    expect(hasSoundOf('constructor', 'otter', dictionary)).toBeNull();
    expect(proposeStrip(['灯'], source)).toEqual([null]);
  });
});
