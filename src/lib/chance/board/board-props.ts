import type { Draw, Entry, Move, MoveBook, Setting } from '$core';

/** What every board is given: the draw on it, and what may be done with it. */
export type BoardProps = {
  beat: Draw;
  /** What each entry is called, and its move. */
  names: readonly string[];
  moves: readonly Move[];
  book: MoveBook;
  setting: Setting;
  /** An entry is to be worked on. */
  onpick: (entryId: string) => void;
  /** An outcome is to mean this entry from now on. */
  onput: (outcome: number, entryId: string) => void;
  onlabel: (entry: Entry, label: string) => void;
  onmove: (entry: Entry, move: Move) => void;
  onleave: () => void;
};
