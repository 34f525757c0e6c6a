import { partsOfBeat, type Beat } from '../beats';
import { isTypedId, unknownMove } from '../moves/unknown-move';
import type { Move } from '../model/move';
import type { Adventure } from './adventure';

/**
 * The adventure with a plain move of its own for each that was typed and that nobody knows. Those of the
 * presenter's own come with all their facts from where they are kept.
 */
export function withMissingMoves(adventure: Adventure, beats: readonly Beat[]): Adventure {
  const known = new Set(adventure.moves.map(({ id }) => id));
  const missing = new Map<string, Move>();
  for (const { move, guise } of beats.flatMap((beat) => partsOfBeat(beat))) {
    if (!isTypedId(move) || known.has(move) || missing.has(move)) continue;
    missing.set(move, { ...unknownMove(guise.name || move), id: move });
  }
  if (missing.size === 0) return adventure;
  return { ...adventure, moves: [...adventure.moves, ...missing.values()] };
}
