import type { Adventure } from './adventure';
import { movesOfBeat } from '../beats';
import type { Move } from '../model/move';
import { moveBookOf, moveIn } from '../moves/move-book';

/** Every move that the adventure uses, once each, in the order of first use. */
export function movesUsed(adventure: Adventure): readonly Move[] {
  const book = moveBookOf(adventure);
  const ids = new Set<string>();
  for (const { beats } of adventure.chapters) {
    for (const beat of beats) for (const move of movesOfBeat(beat)) ids.add(move);
  }
  return [...ids].map((id) => moveIn(book, id));
}
