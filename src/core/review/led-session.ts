import type { Cue } from '../cues/cue';
import type { Pace } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import type { Setting } from '../model/setting';
import { resolveDraws, type DrawsByBeat, type TypedDraws } from '../schedule/resolve-draws';
import { unroll, type Schedule } from '../schedule/unroll';

/** A session as it was to be led, and the way to time it in another pace. */
export type LedSession = Readonly<{
  draws: DrawsByBeat;
  schedule: Schedule;
  replan: (pace: Pace) => readonly Cue[];
}>;

/** The session that a recording is laid along: with the draws of a seed, and those that are known. */
export function ledSession(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  seed: number | null,
  typed: TypedDraws,
): LedSession {
  const drawn = (at: Pace) => resolveDraws(adventure, setting, at, seed, typed);
  const draws = drawn(pace);
  return {
    draws,
    schedule: unroll(adventure, setting, pace, draws),
    replan: (other) => unroll(adventure, setting, other, drawn(other)).cues,
  };
}
