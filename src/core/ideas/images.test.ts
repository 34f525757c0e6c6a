import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../moves/catalogue';
import { BUILT_IN } from '../moves/move-book';
import { IMAGE_KINDS, IMAGES } from './images';
import { qualitiesOf } from './move-qualities';
import { QUALITIES } from './qualities';
import { readImages } from './read-images';
import { readWordNet } from './word-net';
import { baseForms } from './word-forms';

describe('images', () => {
  it('are six hundred and more, of every kind, each with a name of its own', () => {
    expect(IMAGES.length).toBeGreaterThanOrEqual(600);
    expect(new Set(IMAGES.map(({ name }) => name)).size).toBe(IMAGES.length);
    for (const kind of IMAGE_KINDS)
      expect(IMAGES.filter((one) => one.kind === kind).length).toBeGreaterThan(30);
  });

  it.each(IMAGES)('$name: has moves of the catalogue, the strongest first', ({ moves }) => {
    const unknown = [...moves.keys()].filter((id) => !BUILT_IN.has(id));
    expect(unknown).toEqual([]);
    const weights = [...moves.values()];
    expect(weights[0]).toBe(1);
    expect(weights).toEqual([...weights].sort((a, b) => b - a));
    expect(weights.at(-1)).toBeGreaterThan(0);
  });

  it('have something for threes on a hard floor without anything at hand', () => {
    const bare = CATALOGUE.filter(
      ({ fromAge, kit, surface, wall }) =>
        fromAge === 3 && kit.length === 0 && surface !== 'mat' && !wall,
    );
    const ids = new Set(bare.map(({ id }) => id));
    const without = IMAGES.filter(({ moves }) => ![...moves.keys()].some((id) => ids.has(id)));
    expect(without.map(({ name }) => name)).toEqual([]);
  });
});

describe('qualities of moves', () => {
  it('are there for every move of the catalogue, each up to 1', () => {
    for (const move of CATALOGUE) {
      const felt = qualitiesOf(move);
      expect(felt.size, move.id).toBeGreaterThan(0);
      for (const much of felt.values()) expect(much).toBeGreaterThan(0);
      expect(Math.max(...felt.values()), move.id).toBeLessThanOrEqual(1);
    }
  });

  it('are each had by several moves', () => {
    for (const quality of QUALITIES) {
      const having = CATALOGUE.filter((move) => (qualitiesOf(move).get(quality) ?? 0) >= 0.5);
      expect(having.length, quality).toBeGreaterThanOrEqual(3);
    }
  });

  it('are those of its facts for a move of one’s own, and of what it is drawn like', () => {
    const own = { ...BUILT_IN.get('squat')!, id: 'own-thing' };
    expect(qualitiesOf({ ...own, posture: 'lying' }).get('low')).toBeGreaterThan(0);
    expect(qualitiesOf({ ...own, quiet: false }).get('loud')).toBeGreaterThan(0);
    const like = { ...own, figure: { kind: 'like', move: 'slow-turn' } } as const;
    expect(qualitiesOf(like).get('turning')).toBe(1);
  });
});

const named = (line: string) => readImages(line, null).map(({ image }) => image.name);

describe('reading images', () => {
  it('takes the longest name, and every form of a word', () => {
    expect(named('A teddy bear on stepping stones')).toEqual(['bear', 'stepping stone']);
    expect(named('wolves')).toEqual(['wolf']);
    expect(named('They crept, flew and were swimming')).toEqual(['creep', 'fly', 'swim']);
    expect(named('It blasts off')).toEqual(['launch']);
  });

  it('tells a doing from a thing by what stands around it', () => {
    expect(named('They wave')).toEqual(['wave']);
    expect(named('A wave')).toEqual(['billow']);
    expect(named('The train leaves the station')).toEqual(['train', 'go', 'station']);
    expect(named('The leaves')).toEqual(['leaf']);
  });

  it('takes what is said twice once, and lets little words say little', () => {
    const found = readImages('From rock to rock they walk', null);
    expect(found.filter(({ said }) => said === 'rock').length).toBeLessThanOrEqual(2);
    const weight = (name: string) => found.find(({ image }) => image.name === name)!.weight;
    expect(weight('walk')).toBeLessThan(weight('boulder'));
  });

  it('looks further in the word net, the nearest first', () => {
    const net = readWordNet('goat n2 ibex\nboat n1 kayak\ncrow n4 lark\nskip v0 lark');
    const far = (line: string) => readImages(line, net).map(({ image }) => image.name);
    expect(far('An ibex in a kayak')).toEqual(['goat', 'boat']);
    expect(far('A lark')).toEqual(['crow']);
    expect(far('to lark')).toEqual(['skip']);
    const [ibex, kayak] = readImages('An ibex in a kayak', net);
    expect(ibex!.weight).toBeLessThan(kayak!.weight);
    expect(kayak!.weight).toBeLessThan(1);
  });
});

describe('base forms', () => {
  it.each([
    ['crossing', 'cross'],
    ['hopped', 'hop'],
    ['flies', 'fly'],
    ['knives', 'knife'],
    ['gently', 'gentle'],
    ['making', 'make'],
    ['swam', 'swim'],
    ['bigger', 'big'],
  ])('of %s are among others %s', (word, base) => {
    expect(baseForms(word)[0]).toBe(word);
    expect(baseForms(word)).toContain(base);
  });
});
