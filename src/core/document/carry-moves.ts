import { movesOfBeat } from '../beats';
import type { Move } from '../model/move';
import { BUILT_IN } from '../moves/move-book';
import type { Adventure } from './adventure';

/**
 * The adventure with just those moves of its own that it needs: the ones in its script that the
 * catalogue lacks, and their easier, harder and seated forms. Missing ones come from `own`, the
 * adventure's own copy going first. The same adventure, where nothing changes.
 */
export function carryMoves(adventure: Adventure, own: readonly Move[]): Adventure {
  if (adventure.moves.length === 0 && own.length === 0) return adventure;
  const known = new Map([...own, ...adventure.moves].map((move) => [move.id, move]));
  const needed = new Set<Move>();
  const need = (id: string | null) => {
    const move = id === null || BUILT_IN.has(id) ? undefined : known.get(id);
    if (!move || needed.has(move)) return;
    needed.add(move);
    for (const form of [move.easier, move.harder, move.seated]) need(form);
  };
  for (const { beats } of adventure.chapters) {
    for (const beat of beats) for (const move of movesOfBeat(beat)) need(move);
  }
  const moves = [...needed];
  const same =
    moves.length === adventure.moves.length && adventure.moves.every((move) => needed.has(move));
  return same ? adventure : { ...adventure, moves };
}
