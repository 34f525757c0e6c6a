import type { LineTools } from '../language/part-reader';
import { makeMoveFinder } from '../moves/move-finder';
import { BUILT_IN } from '../moves/move-book';

/** What lines are read with for a group of fives, with the catalogue's moves and nothing in the room. */
export const FOR_FIVES: LineTools = {
  finder: makeMoveFinder(BUILT_IN),
  ages: { from: 5, to: 5 },
  kit: [],
  book: null,
};
