import type { Move, Posture } from '../model/move';

/**
 * Where the children are between two cues: all that a cue knows of those before it. Since the last work
 * so many seconds went by, and so many of them were talk.
 */
export type Stance = Readonly<{
  posture: Posture;
  kit: readonly string[];
  hasWorked: boolean;
  sinceWorkSeconds: number;
  talkedSeconds: number;
}>;

/** Straight from work on a move. */
export function afterWorkOn({ posture, kit }: Move): Stance {
  return { posture, kit, hasWorked: true, sinceWorkSeconds: 0, talkedSeconds: 0 };
}
