import type { Draw, Entry, Move, MoveBook, Setting } from '$core';

/** What a move is chosen for. */
export type Asked = Readonly<{ entryId: string }> | Readonly<{ outcome: number }>;

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
  /** A move is to be chosen from pictures: for an entry, or for an outcome whatever is on it now. */
  onask: (what: Asked) => void;
  onlabel: (entry: Entry, label: string) => void;
  onmove: (entry: Entry, move: Move) => void;
  onleave: () => void;
};
