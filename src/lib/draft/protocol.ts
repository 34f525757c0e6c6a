import type { Adventure, DraftWish, Move, Pace } from '$core';

/** What the page asks of the worker: everything that may cross, and nothing else. */
export type DraftRequest = Readonly<{
  wish: DraftWish;
  pace: Pace;
  /** The presenter's own moves. */
  moves: readonly Move[];
  /** Ids of the moves that were led last. */
  lately: readonly string[];
}>;

/** What comes back; `remarks` is how many things there are to think about. */
export type DraftAnswer = Readonly<{ adventure: Adventure; remarks: number }>;
