import { parseScript, type Adventure } from '$core';
import { loadSoundBook } from '$lib/language/sound-book';
import { newId, newSeed } from '$lib/store/new-id';

/** A shape that a session can have, and a script in that shape to begin from. */
export type Start = Readonly<{ file: string; shape: string; how: string; sign: ShapeSign }>;

/** What is drawn for a shape. */
export type ShapeSign =
  | Readonly<{ as: 'dice'; faces: readonly number[] }>
  | Readonly<{ as: 'number'; text: string }>
  | Readonly<{
      as:
        | 'way'
        | 'ring'
        | 'coin'
        | 'cards'
        | 'wheel'
        | 'letters'
        | 'spots'
        | 'baskets'
        | 'chain'
        | 'ladder'
        | 'call'
        | 'echo'
        | 'two'
        | 'film'
        | 'lines';
    }>;

/** One line a shape. */
export const STARTS: readonly Start[] = [
  {
    file: 's1-journey',
    shape: 'Journey',
    sign: { as: 'way' },
    how: 'Places on a way; at each, somebody asks for a move.',
  },
  {
    file: 's2-circuit',
    shape: 'Circuit',
    sign: { as: 'ring' },
    how: 'Stations in turn, work and rest, twice round.',
  },
  {
    file: 's3-reps-die',
    shape: 'Die for how many',
    sign: { as: 'dice', faces: [5] },
    how: 'The moves are fixed; a die gives the count.',
  },
  {
    file: 's4-move-die',
    shape: 'Die for which',
    sign: { as: 'dice', faces: [3] },
    how: 'Each face is a move, done for a fixed time.',
  },
  {
    file: 'coin-heads-or-tails',
    shape: 'Heads or tails',
    sign: { as: 'coin' },
    how: 'A coin says which of two moves it is; how often each will come is a surprise.',
  },
  {
    file: 's5-two-dice',
    shape: 'Two dice',
    sign: { as: 'dice', faces: [2, 6] },
    how: 'One names the move, one the number; the children do the sum.',
  },
  {
    file: 's6-cards',
    shape: 'Cards',
    sign: { as: 'cards' },
    how: 'The suit is the move, the rank is the count.',
  },
  {
    file: 's7-freeze-and-spin',
    shape: 'Freeze and spin',
    sign: { as: 'wheel' },
    how: 'Travel to music; it stops; a number is spun, you name the move.',
  },
  {
    file: 's8-letter-strip',
    shape: 'Letter strip',
    sign: { as: 'letters' },
    how: 'Each letter has a picture word, and the picture has a move.',
  },
  {
    file: 's9-call-and-go',
    shape: 'Call and go',
    sign: { as: 'spots' },
    how: 'Spots around the room; a call sends everybody there and back.',
  },
  {
    file: 's10-sorting-sprint',
    shape: 'Sorting sprint',
    sign: { as: 'baskets' },
    how: 'Fetch one kind of thing at a time, by a set way of travelling.',
  },
  {
    file: 's11-growing-chain',
    shape: 'Growing chain',
    sign: { as: 'chain' },
    how: 'Every verse adds a link, and all are done again.',
  },
  {
    file: 's12-ladder',
    shape: 'Ladder',
    sign: { as: 'ladder' },
    how: 'The same move in growing doses, a bit of story between.',
  },
  {
    file: 's13-skill-levels',
    shape: 'Skill levels',
    sign: { as: 'ladder' },
    how: 'One thing in the hand, four levels, your own best.',
  },
  {
    file: 's14-command-drill',
    shape: 'Command drill',
    sign: { as: 'call' },
    how: 'Busy feet, then a call; the gaps get shorter.',
  },
  {
    file: 's15-big-total',
    shape: 'Big total',
    sign: { as: 'number', text: '100' },
    how: 'A hundred moves, ten by ten.',
  },
  {
    file: 's16-echo-and-freeze',
    shape: 'Echo and freeze',
    sign: { as: 'echo' },
    how: 'You clap it, they give it back; then freeze, low or high.',
  },
  {
    file: 's17-follow-me',
    shape: 'Follow me',
    sign: { as: 'two' },
    how: 'Quick pictures, one after another, no explaining.',
  },
  {
    file: 'home-demonstrations',
    shape: 'Film for home',
    sign: { as: 'film' },
    how: 'A few of each are shown here; the dose for home stands on the note.',
  },
  {
    file: 'sorting-relay',
    shape: 'Sorting relay',
    sign: { as: 'baskets' },
    how: 'One thing at a time until all are sorted, all at once or in turns.',
  },
  {
    file: 'taught-chain',
    shape: 'Taught dance',
    sign: { as: 'chain' },
    how: 'Three steps, three more, then all six: slow, as usual, fast.',
  },
  {
    file: 's18-rhyme',
    shape: 'Rhyme',
    sign: { as: 'lines' },
    how: 'A short rhyme with an action on every line.',
  },
];

const SCRIPTS = import.meta.glob<string>('./starts/*.md', { query: '?raw', import: 'default' });

/**
 * The adventure that a start begins with, under fresh ids, its draws drawn anew. Only a letter strip
 * needs the dictionary of sounds. Throws an Error for a script that is broken: it ships with the app.
 */
export async function readStart({ file }: Start): Promise<Adventure> {
  const text = await SCRIPTS[`./starts/${file}.md`]!();
  const book = /^- letters\b/mu.test(text) ? await loadSoundBook() : null;
  const read = parseScript(text, { newId, newSeed, book });
  if (!read.ok || read.value.unread.length > 0) throw new Error(`readStart: ${file} is not clean`);
  return read.value.adventure;
}
