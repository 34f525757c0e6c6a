import type { Move } from '../model/move';
import type { MoveBook } from './move-book';
import { suggestMoves } from './move-finder';
import { newOwnMove } from './new-own-move';

/** Ids of moves that were typed and that no catalogue knows. */
const TYPED = 'own-typed-';
const MOST_LETTERS = 60;

/** The id is that of a move that was typed. */
export const isTypedId = (id: string) => id.startsWith(TYPED);

/** A move that nobody knows, under the name that was typed for it: plain facts, to be filled in. */
export function unknownMove(name: string): Move {
  const slug = name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9]+/gu, '-')
    .replace(/^-+|-+$/gu, '')
    .slice(0, MOST_LETTERS);
  return {
    ...newOwnMove(() => ''),
    id: TYPED + (slug.replace(/-+$/u, '') || 'move'),
    name,
    plural: name,
  };
}

/** The same facts, whatever it is called. */
const factsOf = (move: Move) => JSON.stringify({ ...move, name: '', plural: '', aliases: [] });

/** Nobody has said yet what it is: as it was typed, with nothing filled in. */
export function isUnknown(move: Move): boolean {
  return isTypedId(move.id) && factsOf(move) === factsOf({ ...unknownMove(''), id: move.id });
}

/** Moves that it may be, the likeliest first: those whose names have one of its words. */
export function nearestMoves(book: MoveBook, name: string, most: number): readonly Move[] {
  const words = name.split(/[\s-]+/u).filter((word) => word.length > 2);
  const found = words.reverse().flatMap((word) => suggestMoves(book, word.slice(0, 4), most));
  const known = [...new Set(found)].filter((move) => !isUnknown(move));
  const plain = ['march', 'squat', 'two-foot-jump', 'tall-reach'].flatMap(
    (id) => book.get(id) ?? [],
  );
  return [...new Set([...known, ...plain])].slice(0, most);
}
