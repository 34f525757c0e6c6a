import { changeParts, type Beat } from '../beats';
import type { Move } from '../model/move';
import { BUILT_IN } from '../moves/move-book';
import type { Adventure } from './adventure';

/** "squat-2", or the next number that is free. */
function freeId(id: string, taken: ReadonlySet<string>): string {
  let n = 2;
  while (taken.has(`${id}-${n}`)) n += 1;
  return `${id}-${n}`;
}

function withIds(beat: Beat, idOf: (id: string) => string): Beat {
  const changed = changeParts(beat, (part) => ({
    ...part,
    move: idOf(part.move),
    also: part.also.map(idOf),
  }));
  if (changed.kind !== 'draw' || !changed.rules.between) return changed;
  const between = { ...changed.rules.between, move: idOf(changed.rules.between.move) };
  return { ...changed, rules: { ...changed.rules, between } };
}

/** Two moves with the same facts. */
const isSame = (one: Move, other: Move | undefined) =>
  other !== undefined && JSON.stringify(one) === JSON.stringify(other);

/**
 * The adventure of a file with its own moves under ids of their own: none of them stands for a move of the
 * catalogue, or for another one of the presenter's (`own`). The same where nothing is in the way.
 */
export function withMovesApart(adventure: Adventure, own: readonly Move[]): Adventure {
  const mine = new Map(own.map((move) => [move.id, move]));
  const taken = new Set([
    ...BUILT_IN.keys(),
    ...mine.keys(),
    ...adventure.moves.map(({ id }) => id),
  ]);
  const renamed = new Map<string, string>();
  for (const move of adventure.moves) {
    const { id } = move;
    const isInTheWay = BUILT_IN.has(id) || (mine.has(id) && !isSame(move, mine.get(id)));
    if (!isInTheWay) continue;
    const next = freeId(id, taken);
    taken.add(next);
    renamed.set(id, next);
  }
  if (renamed.size === 0) return adventure;
  const idOf = (id: string) => renamed.get(id) ?? id;
  const formOf = (id: string | null) => (id === null ? null : idOf(id));
  return {
    ...adventure,
    moves: adventure.moves.map((move) => ({
      ...move,
      id: idOf(move.id),
      easier: formOf(move.easier),
      harder: formOf(move.harder),
      seated: formOf(move.seated),
    })),
    chapters: adventure.chapters.map((chapter) => ({
      ...chapter,
      beats: chapter.beats.map((beat) => withIds(beat, idOf)),
    })),
  };
}
