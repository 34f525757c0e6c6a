import type { Migration } from '../../model/document-kind';

/** How a move of the presenter's own is drawn. */
export const toVersion3: Migration = {
  from: 2,
  migrate: (document) => ({
    ...document,
    moves: Array.isArray(document.moves)
      ? document.moves.map((move: unknown) =>
          typeof move === 'object' && move !== null ? { ...move, figure: null } : move,
        )
      : document.moves,
  }),
};
