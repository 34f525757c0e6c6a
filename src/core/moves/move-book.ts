import type { Done, Station } from '../model/action';
import type { Move } from '../model/move';
import { together } from './together';
import { CATALOGUE } from './catalogue';

/** Moves by id. */
export type MoveBook = ReadonlyMap<string, Move>;

export const BUILT_IN: MoveBook = new Map(CATALOGUE.map((move) => [move.id, move]));

/** The catalogue and the adventure's own moves; none of them takes the place of one of the catalogue. */
export function moveBookOf(adventure: Readonly<{ moves: readonly Move[] }>): MoveBook {
  if (adventure.moves.length === 0) return BUILT_IN;
  const own = adventure.moves.filter(({ id }) => !BUILT_IN.has(id));
  return new Map([...BUILT_IN, ...own.map((move) => [move.id, move] as const)]);
}

/** The move with that id. Throws a RangeError if the book has none: documents are checked first. */
export function moveIn(book: MoveBook, id: string): Move {
  const move = book.get(id);
  if (!move) throw new RangeError(`moveIn: no move "${id}"`);
  return move;
}

/** Moves done at the same time, by book: made once for each pair. */
const pairs = new WeakMap<MoveBook, Map<string, Move>>();

/**
 * What a part asks for: its move, or, where others are done at the same time, all of them as one move
 * with the facts of each. Throws as `moveIn` does.
 */
export function moveOf(book: MoveBook, { move, also }: Done): Move {
  const first = moveIn(book, move);
  if (also.length === 0) return first;
  let known = pairs.get(book);
  if (!known) pairs.set(book, (known = new Map()));
  const key = [move, ...also].join('+');
  let made = known.get(key);
  if (!made) {
    made = together(
      first,
      also.map((id) => moveIn(book, id)),
    );
    known.set(key, made);
  }
  return made;
}

/** What a part is called in the story, or the move's own name. Throws as `moveIn` does. */
export function calledIn(book: MoveBook, part: Pick<Station, 'guise' | 'move' | 'also'>): string {
  return part.guise.name || moveOf(book, part).name;
}
