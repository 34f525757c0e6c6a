import { entryOf } from '../words/entry-of';
import type { Move } from '../model/move';
import { ALSO_CALLED } from './catalogue/also-called';

/** The other names of a move: those that it has itself, and, in the catalogue, what teachers call it. */
export function alsoCalled({ id, aliases }: Pick<Move, 'id' | 'aliases'>): readonly string[] {
  const others = entryOf(ALSO_CALLED, id);
  return others ? [...aliases, ...others] : aliases;
}
