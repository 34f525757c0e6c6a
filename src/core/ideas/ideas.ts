import { lacksOf } from '../moves/fits-setting';
import type { MoveBook } from '../moves/move-book';
import type { Move } from '../model/move';
import { childrenIn, type Setting } from '../model/setting';
import { clearFloor } from '../room/spots';
import { mostTogether } from '../room/crowded';
import { plainWords } from '../words/plain-words';
import { remember } from '../words/remember';
import { qualitiesOf } from './move-qualities';
import type { Quality } from './qualities';
import { baseForms } from './word-forms';
import { readImages, type FoundImage, type Named } from './read-images';
import type { WordNet } from './word-net';

/**
 * A move that can be what a line of story says: because of a word of the line, by a quality that the
 * two share where there is one. `score` is 0 and more, for comparing ideas of one line.
 */
export type Idea = Readonly<{
  move: Move;
  said: string;
  quality: Quality | null;
  score: number;
}>;

export type IdeaContext = Readonly<{
  book: MoveBook;
  setting: Setting;
  /** Null until it is at hand: ideas then come from the images alone. */
  net: WordNet | null;
  cast?: readonly Named[];
  /** Moves that stand just before and after the line, by id. */
  beside?: ReadonlySet<string>;
  /** Moves of last time, by id. */
  lately?: ReadonlySet<string>;
}>;

/** Whether all children can do it here at once, with what there is, at the age of the youngest. */
export function suits(move: Move, setting: Setting): boolean {
  const children = childrenIn(setting);
  const most = mostTogether(move, clearFloor(setting.room));
  const needsTwo = (qualitiesOf(move).get('together') ?? 0) > TOGETHER && move.id !== 'march';
  return (
    move.fromAge <= setting.ages.from &&
    lacksOf(move, setting).length === 0 &&
    (most === null || children <= most) &&
    (children > 1 || !needsTwo)
  );
}
/** From here on a move is one of two children or more. */
const TOGETHER = 0.9;

/** The moves of a book that suit a setting: asked for with every line, and the same until either changes. */
const suitingOf = remember((book: MoveBook) =>
  remember((setting: Setting) => [...book.values()].filter((move) => suits(move, setting))),
);

const SOFT_FAMILIES = new Set(['breath', 'stretch']);
/** How far a likeness in qualities counts beside a move that an image names. */
const LIKENESS = 0.5;
/** How far a picture word of the move counts: it is what it is for children, not always how it goes. */
const PICTURED = 0.45;
/** How far it counts that the move is called by the word: "tiptoe" and "tiptoe walk". */
const NAMED = 0.4;
/** A quality is told as the reason where image and move both have this much of it. */
const SHARED = 0.3;
/** Taken from an idea that is like one that was chosen before it, for one of the best score of all. */
const ALIKE = { family: 0.14, posture: 0.07, effort: 0.05, said: 0.08, reason: 0.15 } as const;
const BESIDE = 0.7;
const LATELY = 0.45;
/** Under this share of the best score an idea is none. */
const LEAST_SHARE = 0.18;

/** Ids of moves by each of their picture words, in small letters. */
const picturesOf = remember((book: MoveBook) => {
  const found = new Map<string, string[]>();
  for (const move of book.values()) {
    for (const word of move.pictureWords) {
      const key = plainWords(word).join(' ');
      found.set(key, [...(found.get(key) ?? []), move.id]);
    }
  }
  return found;
});

const namesOf = remember(
  (move: Move) => new Set(plainWords(move.name).flatMap((word) => baseForms(word))),
);

/** What one image of a line says for a move: that it names it, that it's its picture, that it's called so. */
type Says = Readonly<{ one: FoundImage; named: number; shown: number; own: number }>;

/** What each image says, for any move. */
function sayings(found: readonly FoundImage[], book: MoveBook): (move: Move) => readonly Says[] {
  const byPicture = picturesOf(book);
  const heard = found.map((one) => ({
    one,
    pictures: byPicture.get(one.said) ?? [],
    forms: one.image.kind === 'describing' ? [] : baseForms(one.said),
  }));
  return (move) =>
    heard.map(({ one, pictures, forms }) => ({
      one,
      named: one.image.moves.get(move.id) ?? 0,
      shown: pictures.includes(move.id) ? PICTURED : 0,
      own: forms.some((form) => namesOf(move).has(form)) ? NAMED : 0,
    }));
}

/** Everything that the images of a line have, added up. */
function qualitiesIn(found: readonly FoundImage[]): ReadonlyMap<Quality, number> {
  const sum = new Map<Quality, number>();
  for (const { image, weight } of found) {
    for (const [quality, much] of image.qualities) {
      sum.set(quality, (sum.get(quality) ?? 0) + weight * much);
    }
  }
  return sum;
}

const lengthOf = (one: ReadonlyMap<Quality, number>) => Math.hypot(...one.values());

/** How alike in qualities, 0 to 1 (the cosine of the two as vectors). */
function likeness(one: ReadonlyMap<Quality, number>, other: ReadonlyMap<Quality, number>): number {
  const lengths = lengthOf(one) * lengthOf(other);
  if (lengths === 0) return 0;
  let shared = 0;
  for (const [quality, much] of one) shared += much * (other.get(quality) ?? 0);
  return shared / lengths;
}

/** What cannot be both: each with what it is not. */
const OPPOSITES: readonly (readonly [Quality, Quality])[] = [
  ['quiet', 'loud'],
  ['quick', 'slow'],
  ['quick', 'still'],
  ['heavy', 'light'],
  ['high', 'low'],
  ['wide', 'narrow'],
  ['wide', 'small'],
  ['up', 'down'],
];
const NOT = new Map<Quality, Quality[]>();
for (const [one, other] of OPPOSITES) {
  NOT.set(one, [...(NOT.get(one) ?? []), other]);
  NOT.set(other, [...(NOT.get(other) ?? []), one]);
}
/** Who creeps is not loud: the share that a move keeps which is wholly what the line is not. */
const KEPT_WHERE_AGAINST = 0.3;
/** How something is done or is; what it is done with may be as it is. */
const SAYS_HOW: ReadonlySet<string> = new Set(['action', 'describing']);

/** The share of its score that a move keeps, for going against how the line says that it is. */
function againstLine(move: Move, found: readonly FoundImage[]): number {
  const felt = qualitiesOf(move);
  let against = 0;
  for (const { image, weight } of found) {
    if (!SAYS_HOW.has(image.kind) || image.moves.has(move.id)) continue;
    for (const [quality, much] of image.qualities) {
      if ((felt.get(quality) ?? 0) > 0) continue;
      for (const not of NOT.get(quality) ?? []) {
        against = Math.max(against, Math.min(1, weight) * much * (felt.get(not) ?? 0));
      }
    }
  }
  return 1 - (1 - KEPT_WHERE_AGAINST) * against;
}

type Why = Readonly<{ found: FoundImage; quality: Quality | null; much: number }>;

/** The word of the line that a move is for, and the quality that the two share the most of. */
function whyOf(move: Move, says: readonly Says[]): Why | null {
  const felt = qualitiesOf(move);
  let best: Why | null = null;
  for (const { one, named, shown } of says) {
    let shared: [Quality | null, number] = [null, 0];
    for (const [quality, much] of one.image.qualities) {
      const both = much * (felt.get(quality) ?? 0);
      if (both > shared[1]) shared = [quality, both];
    }
    const much = one.weight * (named + shown + LIKENESS * shared[1]);
    if (much > (best?.much ?? 0)) {
      best = { found: one, quality: shared[1] >= SHARED ? shared[0] : null, much };
    }
  }
  return best;
}

/** Every move that suits the setting and has anything of the line, with its score. */
function allIdeas(found: readonly FoundImage[], context: IdeaContext): Idea[] {
  const { book, setting } = context;
  const wanted = qualitiesIn(found);
  const most = Math.min(
    1,
    found.reduce((sum, { weight }) => sum + weight, 0),
  );
  const saysFor = sayings(found, book);
  const ideas: Idea[] = [];
  for (const move of suitingOf(book)(setting)) {
    const says = saysFor(move);
    const why = whyOf(move, says);
    if (!why) continue;
    const isNamed = says.some(({ named }) => named > 0);
    const said = says.reduce(
      (sum, { one, named, shown, own }) => sum + one.weight * (named + shown + own),
      0,
    );
    // A breath or a stretch is for what is calm: likeness alone makes none of a chase.
    const alike =
      SOFT_FAMILIES.has(move.family) && !isNamed ? 0 : likeness(wanted, qualitiesOf(move));
    const base = said + LIKENESS * most * alike * alike;
    const kept = context.beside?.has(move.id) ? 1 - BESIDE : 1;
    const again = context.lately?.has(move.id) ? 1 - LATELY : 1;
    const score = base * kept * again * againstLine(move, found);
    if (score > 0) ideas.push({ move, said: why.found.said, quality: why.quality, score });
  }
  return ideas.sort((a, b) => b.score - a.score || (a.move.id < b.move.id ? -1 : 1));
}

/** The best, and after it those that are good and unlike what was chosen already. */
function spread(ideas: readonly Idea[], most: number): readonly Idea[] {
  const [first] = ideas;
  if (!first) return [];
  const chosen = [first];
  const worth = (idea: Idea) =>
    idea.score -
    first.score *
      chosen.reduce(
        (sum, { move, said, quality }) =>
          sum +
          (move.family === idea.move.family ? ALIKE.family : 0) +
          (move.posture === idea.move.posture ? ALIKE.posture : 0) +
          (move.effort === idea.move.effort ? ALIKE.effort : 0) +
          (said === idea.said ? ALIKE.said : 0) +
          (said === idea.said && quality === idea.quality ? ALIKE.reason : 0),
        0,
      );
  const rest = ideas.filter((one) => one !== first && one.score >= first.score * LEAST_SHARE);
  while (chosen.length < most && rest.length > 0) {
    const next = rest.reduce((best, one) => (worth(one) > worth(best) ? one : best));
    rest.splice(rest.indexOf(next), 1);
    chosen.push(next);
  }
  return chosen;
}

/** A colleague has three. */
export const IDEAS = 3;

/**
 * Moves that can be what a line of story says, the best first: they suit the setting (age, room, kit,
 * how many), are unlike one another, and rather not those that stand beside or were led last time.
 * Empty where nothing in the line is an image.
 */
export function ideasFor(line: string, context: IdeaContext, most = IDEAS): readonly Idea[] {
  const found = readImages(line, context.net, context.cast);
  return spread(allIdeas(found, context), most);
}

/** The reason in a word or two: "bridge: narrow", "frog". */
export function reasonOf({ said, quality }: Pick<Idea, 'said' | 'quality'>): string {
  return quality && quality !== said ? `${said}: ${quality}` : said;
}
