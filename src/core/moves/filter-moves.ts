import type { Effort, Family, Move, Posture, Region } from '../model/move';
import { searchMoves } from './search-moves';
import { firstSound, type SoundBook } from '../words/phonemes';
import type { MoveBook } from './move-book';

/** What a presenter looks for; what is null or empty does not matter. */
export type MoveQuery = Readonly<{
  text: string;
  /** The youngest who must usually be able to do it, in years. */
  age: number | null;
  family: Family | null;
  region: Region | null;
  /** Least and most effort, both included. */
  effort: readonly [Effort, Effort] | null;
  posture: Posture | null;
  space: Move['space'] | null;
  /** A thing that it uses, or 'none' for no kit at all. */
  kit: string | null;
  quiet: boolean | null;
  /** First letter of its name. */
  letter: string | null;
  /** First sound of its name, a phoneme; needs the sounds of the moves. */
  sound: string | null;
}>;

export const ANY_MOVE: MoveQuery = {
  text: '',
  age: null,
  family: null,
  region: null,
  effort: null,
  posture: null,
  space: null,
  kit: null,
  quiet: null,
  letter: null,
  sound: null,
};

/** What is asked of a move, question by question; one that is left open fits everything. */
const QUESTIONS: readonly ((move: Move, query: MoveQuery) => boolean)[] = [
  (move, { age }) => age === null || move.fromAge <= age,
  (move, { family }) => family === null || move.family === family,
  (move, { region }) => region === null || move.regions.includes(region),
  ({ effort }, { effort: asked }) => asked === null || (effort >= asked[0] && effort <= asked[1]),
  (move, { posture }) => posture === null || move.posture === posture,
  (move, { space }) => space === null || move.space === space,
  (move, { kit }) =>
    kit === null || (kit === 'none' ? move.kit.length === 0 : move.kit.includes(kit)),
  (move, { quiet }) => quiet === null || move.quiet === quiet,
  (move, { letter }) => letter === null || move.name.toLowerCase().startsWith(letter.toLowerCase()),
];
const fits = (move: Move, query: MoveQuery) => QUESTIONS.every((asks) => asks(move, query));

/**
 * The moves that fit, by name; with some text, the nearest to it first. A wanted first sound is
 * looked for in `sounds`; without them no move has one.
 */
export function filterMoves(
  book: MoveBook,
  query: MoveQuery,
  sounds: SoundBook = {},
): readonly Move[] {
  const found = query.text.trim()
    ? searchMoves(book, query.text)
    : [...book.values()].sort((a, b) => a.name.localeCompare(b.name, 'en'));
  return found.filter(
    (move) =>
      fits(move, query) && (query.sound === null || firstSound(move.name, sounds) === query.sound),
  );
}
