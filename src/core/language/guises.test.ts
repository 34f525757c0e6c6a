import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import type { World } from '../model/world';
import { CATALOGUE } from '../moves/catalogue';
import { moveBookOf, moveIn } from '../moves/move-book';
import { proposeGuises } from './guises';
import { firstSound, rhymes } from '../words/phonemes';

const book = moveBookOf({ moves: [] });
const world: World = {
  name: 'Lanternfen',
  place: '',
  want: '',
  cast: [{ name: 'Pip', role: 'post' }],
  words: ['lantern', 'kite', 'marsh', 'knot', 'clock'],
  colours: [],
};
const names = (move: string, taken: string[] = []) =>
  proposeGuises(moveIn(book, move), world, taken, dictionary);

describe('proposeGuises', () => {
  it('alliterates by sound, with the story’s words first', () => {
    expect(names('squat').length).toBeGreaterThan(0);
    expect(names('march')[0]).toEqual({
      name: 'Marsh march',
      picture: 'marsh',
      sound: 'M',
      reason: 'same sound',
    });
    expect(names('lunge')[0]).toMatchObject({ name: 'Lantern lunge', reason: 'same sound' });
  });

  it('hears a silent letter: a knot does not go with a kick, a kite does', () => {
    const kicks = proposeGuises(
      { ...moveIn(book, 'march'), name: 'kick' },
      world,
      [],
      dictionary,
    ).filter(({ reason }) => reason === 'same sound');
    expect(kicks.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['Kite kick', 'Clock kick']),
    );
    expect(kicks.map(({ name }) => name)).not.toContain('Knot kick');
  });

  it('never gives a name that another move has', () => {
    expect(names('march', ['marsh MARCH ']).map(({ name }) => name)).not.toContain('Marsh march');
  });

  it('gives every move of the catalogue different names, each for the reason it states', () => {
    for (const move of CATALOGUE) {
      const proposals = proposeGuises(move, world, [], dictionary);
      expect(proposals.length, move.id).toBeGreaterThan(2);
      expect(new Set(proposals.map(({ name }) => name.toLowerCase())).size).toBe(proposals.length);
      for (const { name, picture, reason } of proposals) {
        const head = name.slice(picture.length).replace(/^’s/u, '').trim();
        if (reason === 'rhyme') expect(rhymes(picture, head, dictionary), name).toBe(true);
        if (reason === 'same sound') {
          expect(firstSound(picture, dictionary), name).toBe(firstSound(head, dictionary));
        }
      }
    }
  });

  it('manages in a world without words', () => {
    const empty = { ...world, words: [], cast: [] };
    const proposals = proposeGuises(moveIn(book, 'frog-jump'), empty, [], dictionary);
    expect(proposals.length).toBeGreaterThan(0);
    expect(proposals.every(({ reason }) => reason !== 'story')).toBe(true);
  });
});

it('a creature that goes like that comes before words of the story that only stand beside it', () => {
  const proposed = proposeGuises(moveIn(book, 'gallop'), world, [], dictionary, {
    creatures: ['horse', 'pony'],
  });
  const reasons = proposed.map(({ reason }) => reason);
  expect(proposed).toContainEqual(
    expect.objectContaining({ name: 'Horse gallop', reason: 'creature', picture: 'horse' }),
  );
  expect(reasons.lastIndexOf('creature')).toBeLessThan(reasons.indexOf('story'));
});
