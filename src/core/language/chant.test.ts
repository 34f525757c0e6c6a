/**
 * Verses that scan and verses that don't: our own, made to the beat by clapping them. Stresses are the
 * CMU Pronouncing Dictionary's (package cmu-pronouncing-dictionary).
 */
import { dictionary } from 'cmu-pronouncing-dictionary';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layOnBeats, linesRhyme, rhymesFor } from './chant';

/** The words with a bar before each syllable that has a beat, as many signs as syllables. */
const laid = (line: string, beats: number) =>
  layOnBeats(line, beats, dictionary)
    .words.map(
      ({ text, syllables }) =>
        `${text}:${syllables.map(({ onBeat }) => (onBeat ? 'X' : '-')).join('')}`,
    )
    .join(' ');

describe('a chant on the beat', () => {
  it.each([
    ['Lamps are standing in a row', 4],
    ['Up we reach and down we go', 4],
    ['Turn the key to left and right', 4],
    ['Clap your hands and there is light', 4],
    ['Fog on the water and fog on the land', 4],
    ['March to the tower, march to the mill', 4],
    ['The ferry is rocking, the river is wide', 4],
    ['Over the bridge and under the moon', 4],
    ['Stamp, stamp, stamp, stamp', 4],
    ['Hop to the gate', 2],
    ['One for the lamp and two for the light', 4],
  ])('scans: %s, on %i', (line, beats) => {
    const { scans, trouble } = layOnBeats(line, beats, dictionary);
    expect([line, scans, trouble]).toEqual([line, true, null]);
  });

  it.each([
    ['Extraordinarily complicated lanterns illuminate everybody', 4, 'too-long'],
    ['Go', 4, 'too-short'],
    ['The big red wet cold old boat sank fast', 4, 'too-long'],
  ] as const)('doesn’t scan: %s, on %i', (line, beats, code) => {
    const { scans, trouble } = layOnBeats(line, beats, dictionary);
    expect(scans).toBe(false);
    expect(trouble?.code).toBe(code);
    expect(line).toContain(trouble!.word);
  });

  it('has its beats where somebody claps', () => {
    expect(laid('Lamps are standing in a row', 4)).toBe('Lamps:X are:- standing:X- in:X a:- row:X');
    expect(laid('Fog on the water and fog on the land', 4)).toBe(
      'Fog:X on:- the:- water:X- and:- fog:X on:- the:- land:X',
    );
    expect(laid('The ferry is rocking', 2)).toBe('The:- ferry:X- is:- rocking:X-');
  });

  it('never has more beats than there are, nor beats out of order', () => {
    const line = fc
      .array(fc.constantFrom('the', 'lamp', 'water', 'and', 'ferry', 'under', 'zzyx', 'a'), {
        minLength: 1,
        maxLength: 14,
      })
      .map((words) => words.join(' '));
    fc.assert(
      fc.property(line, fc.integer({ min: 1, max: 8 }), (text, beats) => {
        const { words, rests } = layOnBeats(text, beats, dictionary);
        const on = words.flatMap(({ syllables }) => syllables.filter(({ onBeat }) => onBeat));
        expect(on.length + rests).toBe(beats);
        expect(words.map((one) => one.text).join(' ')).toBe(text);
      }),
    );
  });

  it('is a rhythm where there are no words', () => {
    expect(layOnBeats('', 4, dictionary)).toEqual({
      words: [],
      rests: 0,
      scans: true,
      trouble: null,
    });
  });
});

describe('rhymes', () => {
  it('are told by sound, not by letters', () => {
    expect(
      linesRhyme('Lamps are standing in a row', 'Up we reach and down we go', dictionary),
    ).toBe(true);
    expect(linesRhyme('We clap for the bear', 'and we hide in its ear', dictionary)).toBe(false);
    expect(linesRhyme('Hello, zzyx', 'Up we go', dictionary)).toBe(null);
  });

  it('are proposed, the story’s own words first', () => {
    const found = rhymesFor('Here comes the boat', ['float', 'Marsh', 'coat'], dictionary, 6);
    expect(found.slice(0, 2)).toEqual(['float', 'coat']);
    expect(found).not.toContain('boat');
    expect(found).not.toContain('Marsh');
    expect(rhymesFor('', ['float'], dictionary, 6)).toEqual([]);
  });
});
