import MiniSearch from 'minisearch';
import type { Move } from '../model/move';
import type { MoveBook } from './move-book';

/** What a teacher calls a move's facts: our own choice of words, each with what it stands for. */
const CALLED: readonly (readonly [words: string, stands: (move: Move) => boolean])[] = [
  ['wheelchair seated sitting chair', ({ seated, posture }) => !!seated || posture === 'sitting'],
  ['quiet silent indoors', ({ quiet }) => quiet],
  ['loud noisy', ({ quiet, landingsPerRep }) => !quiet && landingsPerRep > 0],
  ['no space small room tight squeeze classroom on the spot', ({ space }) => space === 'spot'],
  ['hall gym outside outdoors big room running', ({ space }) => space === 'room'],
  ['line lane across', ({ space }) => space === 'lane'],
  ['no kit nothing needed equipment-free', ({ kit }) => kit.length === 0],
  ['calm gentle slow relax calming', ({ effort }) => effort <= 2],
  [
    'warm up warmup start',
    ({ effort, landingsPerRep, posture }) =>
      (effort === 3 || effort === 2) && landingsPerRep === 0 && posture === 'standing',
  ],
  [
    'cool down cooldown end',
    ({ family, effort }) => family === 'stretch' || (family === 'breath' && effort <= 2),
  ],
  ['energetic lively tiring cardio active puff heart', ({ effort }) => effort >= 4],
  ['balance balancing one leg', ({ family }) => family === 'balancing'],
  [
    'yoga pose mindful',
    ({ family, effort, usual }) =>
      effort <= 2 && (family === 'stretch' || family === 'breath' || usual.unit === 'hold'),
  ],
  ['jump jumping leap', ({ landingsPerRep }) => landingsPerRep > 0],
  ['mat floor', ({ surface }) => surface === 'mat'],
  ['wall', ({ wall }) => wall],
  ['left right each side one side', ({ sided }) => sided],
  ['breathing breathe', ({ family }) => family === 'breath'],
  ['threes toddlers youngest easy', ({ fromAge }) => fromAge === 3],
  ['stretching stretches flexible', ({ family }) => family === 'stretch'],
  ['ball beanbag throw catch', ({ family }) => family === 'handling'],
  ['music dance dancing clap', ({ family }) => family === 'rhythm'],
];

/** Animals that moves are named and pictured after. */
const ANIMALS =
  /\b(?:ant|ape|bat|bear|bee|bird|bug|bunny|butterfly|camel|cat|caterpillar|chick|chicken|cow|crab|crane|crocodile|deer|dog|dolphin|donkey|dragon|duck|eagle|elephant|fish|flamingo|fox|frog|giraffe|goat|goose|grasshopper|gorilla|hare|hedgehog|hen|heron|horse|inchworm|kangaroo|ladybird|lion|lizard|mole|monkey|moth|mouse|otter|owl|panther|penguin|pig|pony|rabbit|seal|sheep|shark|sloth|snail|snake|spider|squirrel|starfish|stork|swan|tiger|toad|tortoise|turtle|whale|wolf|worm|zebra)s?\b/iu;

function wordsOf(move: Move) {
  const names = [move.name, move.plural, ...move.aliases].join(' ');
  const called = CALLED.filter(([, stands]) => stands(move)).map(([words]) => words);
  return {
    id: move.id,
    name: move.name,
    names: names,
    pictures: move.pictureWords.join(' '),
    facts: [
      move.family,
      ...move.regions,
      move.posture,
      ...move.kit,
      `age ${move.fromAge}`,
      ...(ANIMALS.test(`${names} ${move.pictureWords.join(' ')}`) ? ['animal animals'] : []),
      ...called,
    ].join(' '),
  };
}

const indexes = new WeakMap<MoveBook, MiniSearch>();

function indexOf(book: MoveBook): MiniSearch {
  const known = indexes.get(book);
  if (known) return known;
  const index = new MiniSearch({
    fields: ['name', 'names', 'pictures', 'facts'],
    searchOptions: {
      boost: { name: 6, names: 4, pictures: 2 },
      combineWith: 'AND',
      prefix: true,
      // A letter wrong in a word of five, two in one of ten; short words as they are typed.
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
    },
  });
  index.addAll([...book.values()].map(wordsOf));
  indexes.set(book, index);
  return index;
}

/** Words that join others and say nothing of a move. */
const JOINING = /\b(?:a|an|and|for|in|of|on|the|to|with|moves?)\b/giu;

/**
 * Moves by any of their words: names, pictures, facts, and what teachers call those ("wheelchair", "no
 * space", "yoga"), beginnings of words and small slips too; the nearest first. All of them for no words.
 */
export function searchMoves(book: MoveBook, query: string): readonly Move[] {
  const said = query.replace(JOINING, ' ').trim() || query.trim();
  if (!said) return [...book.values()];
  return indexOf(book)
    .search(said)
    .flatMap(({ id }) => book.get(id as string) ?? []);
}
