import { plainWords } from '../words/plain-words';
import type { Move } from '../model/move';
import type { MoveBook } from './move-book';

/** Longest name of a move, in words, that is looked for in a line. */
const LONGEST_NAME = 6;

/** Moves by every name that they go by. */
export type MoveFinder = ReadonlyMap<string, Move>;

export function makeMoveFinder(book: MoveBook): MoveFinder {
  const finder = new Map<string, Move>();
  for (const move of book.values()) {
    for (const name of [...move.aliases, move.plural, move.name, move.id]) {
      finder.set(plainWords(name).join(' '), move);
    }
  }
  return finder;
}

/** A move named in a row of plain words, and where: half-open, counted from 0. */
export type FoundMove = Readonly<{ move: Move; from: number; to: number }>;

/** The longest name of a move in `words`, the first of equally long ones; null if there is none. */
export function findMove(finder: MoveFinder, words: readonly string[]): FoundMove | null {
  for (let length = Math.min(LONGEST_NAME, words.length); length > 0; length -= 1) {
    for (let from = 0; from + length <= words.length; from += 1) {
      const move = finder.get(words.slice(from, from + length).join(' '));
      if (move) return { move, from, to: from + length };
    }
  }
  return null;
}

/** Moves whose names have a word that begins with each word of `query`; best first. */
export function suggestMoves(book: MoveBook, query: string, most: number): readonly Move[] {
  const asked = plainWords(query);
  if (asked.length === 0) return [...book.values()].slice(0, most);
  const scored: { move: Move; score: number }[] = [];
  for (const move of book.values()) {
    const names = [move.name, ...move.aliases].map(plainWords);
    const hits = names.map((words) =>
      asked.every((part) => words.some((word) => word.startsWith(part))) ? words : null,
    );
    const best = hits.findIndex((words) => words !== null);
    if (best < 0) continue;
    const startsAtFront = hits[best]![0]!.startsWith(asked[0]!);
    scored.push({ move, score: best + (startsAtFront ? 0 : 50) + move.name.length / 100 });
  }
  return scored
    .sort((a, b) => a.score - b.score)
    .slice(0, most)
    .map(({ move }) => move);
}
