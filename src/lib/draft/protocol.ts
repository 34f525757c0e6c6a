import type { Draft, DraftWish, Move, Pace, SoundBook } from '$core';

/** What the page asks of the worker: everything that may cross, and nothing else. */
export type DraftRequest = Readonly<{
  wish: DraftWish;
  pace: Pace;
  /** The presenter's own moves. */
  moves: readonly Move[];
  /** Ids of the moves that were led last. */
  lately: readonly string[];
  /** How words sound, for a strip of letters; the worker has no dictionary of its own. */
  sounds: SoundBook | null;
}>;

/** What comes back; `remarks` is how many things there are to think about. */
export type DraftAnswer = Pick<Draft, 'adventure' | 'made'> &
  Readonly<{
    remarks: number;
    /** Whether what is learned came into its game; null where it's no set that is ready. */
    rides: boolean | null;
  }>;
