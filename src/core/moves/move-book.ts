import type { Station } from '../model/action';
import type { Move } from '../model/move';
import { CATALOGUE } from './catalogue';

/** Moves by id. */
export type MoveBook = ReadonlyMap<string, Move>;

export const BUILT_IN: MoveBook = new Map(CATALOGUE.map((move) => [move.id, move]));

/** The catalogue and the adventure's own moves; an own move with a known id takes its place. */
export function moveBookOf(adventure: Readonly<{ moves: readonly Move[] }>): MoveBook {
  if (adventure.moves.length === 0) return BUILT_IN;
  return new Map([...BUILT_IN, ...adventure.moves.map((move) => [move.id, move] as const)]);
}

/** The move with that id. Throws a RangeError if the book has none: documents are checked first. */
export function moveIn(book: MoveBook, id: string): Move {
  const move = book.get(id);
  if (!move) throw new RangeError(`moveIn: no move "${id}"`);
  return move;
}

/** What a part is called in the story, or the move's own name. Throws as `moveIn` does. */
export function calledIn(book: MoveBook, { guise, move }: Pick<Station, 'guise' | 'move'>): string {
  return guise.name || moveIn(book, move).name;
}
