import type { Ages } from '../model/ages';
import type { Entry } from '../model/chance';
import type { Move } from '../model/move';
import type { Setting } from '../model/setting';
import { moveIn, type MoveBook } from '../moves/move-book';
import { hasSoundOf, isOneSound, isWrittenWith } from '../words/reading-scheme';
import type { SoundBook } from '../words/phonemes';

/** A picture word for a letter, and the move that goes with it. */
export type LetterIdea = Readonly<{
  move: Move;
  picture: string;
  /** The word has the letter's sound; null where that is not known. */
  sounds: boolean | null;
}>;

/** What a strip is made from. */
export type LetterSource = Readonly<{
  moves: Iterable<Move>;
  ages: Ages;
  /** Things at hand: moves that need others are left out. */
  kit: readonly string[];
  /** Null while the dictionary is not there: then letters decide alone. */
  book: SoundBook | null;
}>;

const pairKey = ({ move, picture }: LetterIdea) => `${move.id} ${picture.toLowerCase()}`;

/** How well an idea does beside what is in the strip already. Our own judgement. */
function worth(idea: LetterIdea, taken: readonly LetterIdea[]): number {
  const { move, picture, sounds } = idea;
  const before = taken.at(-1)?.move;
  let points = sounds === true ? 8 : 0;
  if (taken.some((one) => one.move.id === move.id)) points -= 6;
  if (taken.some((one) => one.picture.toLowerCase() === picture.toLowerCase())) points -= 6;
  if (before?.family === move.family) points -= 2;
  if (before && before.effort >= 4 && move.effort >= 4) points -= 2;
  if (before && before.regions.join() === move.regions.join()) points -= 1;
  if (before && before.posture !== move.posture && move.posture !== 'standing') points -= 1;
  return points;
}

/**
 * Picture words and moves for one letter, best first, `most` at most: written with the letter, and
 * never one that is known to have another sound; other moves than those in `taken`, and another
 * kind than the one before.
 */
export function proposeForLetter(
  letter: string,
  { moves, ages, kit, book }: LetterSource,
  taken: readonly LetterIdea[] = [],
  most = 6,
): readonly LetterIdea[] {
  const used = new Set(taken.map(pairKey));
  const ideas: { idea: LetterIdea; points: number }[] = [];
  for (const move of moves) {
    if (move.fromAge > ages.from || move.kit.some((thing) => !kit.includes(thing))) continue;
    for (const picture of move.pictureWords) {
      if (!isWrittenWith(letter, picture)) continue;
      const sounds = book ? hasSoundOf(letter, picture, book) : null;
      const idea = { move, picture, sounds };
      if (sounds === false || used.has(pairKey(idea))) continue;
      ideas.push({ idea, points: worth(idea, taken) });
    }
  }
  const words = new Set<string>();
  return ideas
    .sort((a, b) => b.points - a.points)
    .map(({ idea }) => idea)
    .filter(({ picture }) => !words.has(picture.toLowerCase()) && words.add(picture.toLowerCase()))
    .slice(0, most);
}

/** The same for a line of a strip, beside what its other letters have. */
export function proposeForEntry(
  strip: Readonly<{ entries: readonly Entry[] }>,
  entry: Entry,
  moves: MoveBook,
  { ages, kit }: Pick<Setting, 'ages' | 'kit'>,
  book: SoundBook | null,
  most?: number,
): readonly LetterIdea[] {
  const taken = strip.entries
    .filter(({ id }) => id !== entry.id)
    .map(({ action: { move, guise } }) => ({
      move: moveIn(moves, move),
      picture: guise.picture,
      sounds: null,
    }));
  return proposeForLetter(entry.label, { moves: moves.values(), ages, kit, book }, taken, most);
}

/**
 * An idea for each letter in turn, a second one for a letter that comes again; null where no move
 * has a word for it.
 */
export function proposeStrip(
  letters: readonly string[],
  source: LetterSource,
): readonly (LetterIdea | null)[] {
  const taken: LetterIdea[] = [];
  return letters.map((letter) => {
    const [idea = null] = proposeForLetter(letter, source, taken, 1);
    if (idea) taken.push(idea);
    return idea;
  });
}

/** "A-Z", "a-f", "set 2", or a word or name as the letters of a strip. */
export function lettersOf(text: string, sets: readonly (readonly string[])[]): readonly string[] {
  const set = /^(?:phonics )?sets? (\d)$/iu.exec(text.trim());
  if (set) return sets[Number(set[1]) - 1] ?? [];
  const range = /^([a-z])\s*(?:-|–|to)\s*([a-z])$/iu.exec(text.trim());
  if (range) {
    const [from, to] = [range[1]!, range[2]!].map((one) => one.toUpperCase().charCodeAt(0));
    return Array.from({ length: Math.max(0, to! - from! + 1) }, (_, n) =>
      String.fromCharCode(from! + n),
    );
  }
  const written = text.split(/[\s,]+/u).filter(Boolean);
  // "sh ch th s": letters that make one sound together are one.
  if (written.length > 1 && written.every(isOneSound))
    return written.map((one) => one.toUpperCase());
  return [...text.replace(/[^\p{L}]/gu, '').toUpperCase()];
}
