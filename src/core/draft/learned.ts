import { drawsOf } from '../document/beats-of';
import type { Adventure } from '../document/adventure';
import { suits } from '../ideas/ideas';
import { calledParts, namedParts, timedParts } from '../learning/learn-lines';
import { LEARN_SETS, TABLES, type LearnItem, type LearnSet } from '../learning/sets';
import { findMove, type MoveFinder } from '../moves/move-finder';
import { numberWord } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import type { Game } from './games';
import type { DraftShape, DraftWish } from './wish';

/** How the sets that are ready are asked for, besides by their names. */
const ASKED: readonly (readonly [id: string, words: RegExp])[] = [
  ['colours', /\bcolou?rs?\b/iu],
  ['shapes', /\bshapes?\b/iu],
  ['opposites', /\bopposites?\b/iu],
  ['feelings', /\b(?:feelings?|emotions?|moods?)\b/iu],
  ['days-of-the-week', /\b(?:days? of the week|weekdays?|days)\b/iu],
  ['healthy-habits', /\b(?:healthy|habits?|hygiene)\b/iu],
  ['left-and-right', /\bleft\b.*\bright\b|\bright\b.*\bleft\b/iu],
  ['pairs-that-make-five', /\b(?:pairs?|bonds?|ways|mak(?:e|es|ing))\b.*\b(?:five|5)\b/iu],
  ['pairs-that-make-ten', /\b(?:pairs?|bonds?|ways|mak(?:e|es|ing))\b/iu],
  ['seasons', /\bseasons?\b/iu],
];

/** The set that is ready for what is learned: the first that its words ask for; null for none. */
export function learnedSet(learning: string): LearnSet | null {
  const id = ASKED.find(([, words]) => words.test(learning))?.[0];
  return LEARN_SETS.find((set) => set.id === id) ?? null;
}

/** The times table that is learned, of those that are ready: that of two where none is named. */
export function learnedTable(learning: string): (typeof TABLES)[number] | null {
  if (!/\btimes\b|\btables?\b|\bmultipl/iu.test(learning)) return null;
  return (
    TABLES.find((n) => new RegExp(`\\b(?:${n}|${numberWord(n)}s?)\\b`, 'iu').test(learning)) ?? 2
  );
}

/** What a game that carries a set is made from. */
type Making = Readonly<{
  throws: number;
  /** Numbers on cards, from and to. */
  numbers: readonly [low: number, high: number];
}>;

type Carrier = Readonly<{
  /** How many of the set it has places for, least and most. */
  places: readonly [number, number];
  say: string;
  line: (items: readonly LearnItem[], making: Making) => string;
}>;

/** Small moves that may be done sixty times: a table of ten on a die comes to that. */
const SMALL = ['clap', 'knee pat', 'stamp', 'arm circle'] as const;

/** Shapes whose things have a place for words that are learned. */
const CARRIERS: Partial<Record<DraftShape, Carrier>> = {
  'die for which': {
    places: [6, 6],
    say: 'The die says which one comes. Say it out loud, and then we do it.',
    line: (items, { throws }) => `die ${throws} throws, shown first: ${timedParts(items)}`,
  },
  cards: {
    places: [4, 4],
    say: 'Draw a card. Say what it is, and do it as often as the number says.',
    line: (items, { throws, numbers: [low, high] }) =>
      `cards ${throws} cards, ${low} to ${high}, shown first: ${namedParts(items)}`,
  },
  coin: {
    places: [2, 2],
    say: 'Heads or tails? Say which of the two it is, and do it.',
    line: ([heads, tails], { throws }) =>
      `coin ${throws} tosses, shown first: heads = ${timedParts([heads!])}, tails = ${timedParts([tails!])}`,
  },
  calls: {
    places: [3, 7],
    say: 'Keep marching. When I call one, do what belongs to it.',
    line: (items, { throws }) =>
      `calls ${Math.max(items.length, throws)} calls, travel march 4 to 8 s: ${calledParts(items)}`,
  },
  'follow me': {
    places: [3, 7],
    say: 'Say each one with me as we do it. Do not lose me!',
    line: (items) => `list: ${timedParts(items)}`,
  },
};

/** Sets whose items belong together by twos: one without the other says nothing. */
const BY_TWOS: ReadonlySet<string> = new Set(['opposites', 'left-and-right']);

/** Items whose moves this group may do here, in their order. */
function fittingIn({ id, items }: LearnSet, fits: (name: string) => boolean): readonly LearnItem[] {
  if (!BY_TWOS.has(id)) return items.filter(({ move }) => fits(move));
  return items.filter((_, n) => {
    const first = n - (n % 2);
    return [items[first], items[first + 1]].every((item) => item && fits(item.move));
  });
}

/**
 * The game of a shape with what is learned in it; null where nothing that is ready is asked for, the shape
 * has no place for it, or too few of its moves fit this group.
 */
export function learnedGame(
  { learning, shape, setting }: Pick<DraftWish, 'learning' | 'shape' | 'setting'>,
  finder: MoveFinder,
  making: Making,
): Game | null {
  const fits = (name: string) => {
    const found = findMove(finder, plainWords(name));
    return found !== null && suits(found.move, setting);
  };
  if (shape === 'two dice') {
    const table = learnedTable(learning);
    const small = SMALL.filter(fits);
    if (table === null || small.length < 2) return null;
    return {
      say: `One die says what, the other one how many times ${numberWord(table)}. You work it out.`,
      lines: [`die ${making.throws} throws, numbers x ${table}, ask first: ${small.join(', ')}`],
    };
  }
  const set = learnedSet(learning);
  const carrier = CARRIERS[shape];
  if (!set || !carrier) return null;
  const [least, most] = carrier.places;
  const items = fittingIn(set, fits).slice(0, most);
  if (items.length < least) return null;
  return { say: carrier.say, lines: [carrier.line(items, making)] };
}

/** Whether what is learned came into a session; null where it's no set that is ready. */
export function ridesIn(adventure: Adventure, { learning, shape }: DraftWish): boolean | null {
  if (learnedTable(learning) !== null) return shape === 'two dice';
  const set = learnedSet(learning);
  if (!set) return null;
  const labels = new Set(set.items.map(({ label }) => label));
  const named = drawsOf(adventure).flatMap(({ entries }) =>
    entries.flatMap(({ label, action }) => [label, action.guise.name]),
  );
  return named.some((name) => labels.has(name));
}
