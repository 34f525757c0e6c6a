import {
  sumInSigns,
  sumOf,
  thingsOf,
  type Draw,
  type Move,
  type MoveBook,
  type Thing,
} from '$core';
import type { Shown } from '../companions';

/** What a scene is made of: worked out alike for every screen and for the film. */
export type SceneParts = Readonly<{
  /** The draw that it belongs to, and what was drawn as things. */
  beat: Draw | null;
  things: readonly Thing[];
  /** The sum as a question; what stands beside the throw; what stands beside the move. */
  sum: Readonly<{ asked: string; thrown: string; done: string }> | null;
  moves: readonly Move[];
}>;

/** See `SceneParts`; `draws` are those of the adventure, by id. */
export function partsOfScene(
  shown: Pick<Shown, 'draw' | 'move' | 'also'>,
  book: MoveBook,
  draws: ReadonlyMap<string, Draw>,
): SceneParts {
  const beat = (shown.draw && draws.get(shown.draw.beatId)) ?? null;
  const things = beat && shown.draw ? thingsOf(beat, shown.draw) : [];
  const sum = beat && shown.draw ? sumOf(beat, shown.draw) : null;
  // What is still asked on a slate is not told beside the throw.
  const asks = beat !== null && 'ask' in beat.amount && beat.amount.ask;
  return {
    beat,
    things,
    sum: sum && {
      asked: sumInSigns(sum, false),
      thrown: sumInSigns(sum, !asks),
      done: sumInSigns(sum, true),
    },
    moves: [shown.move, ...shown.also].flatMap((id) => (id ? (book.get(id) ?? []) : [])),
  };
}
