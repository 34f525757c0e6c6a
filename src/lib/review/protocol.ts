import type { Adventure, CaptionLine, Pace, Pin, Run, Stretch } from '$core';

/** What is laid along what. */
export type ReviewRequest = Readonly<{
  adventure: Adventure;
  pace: Pace;
  /** The session on the Stage that was recorded: what its devices gave. Null where nobody knows. */
  drawn: Readonly<{ seed: number | null; typed: Run['typed'] }> | null;
  recording: string;
  startedAt: string;
  savedAt: string;
  id: string;
  lines: readonly CaptionLine[];
  voices: readonly (readonly [number, number])[] | null;
  seconds: number;
  pins: Readonly<Record<string, Pin>>;
}>;

/** The session as a run of the log, and what can be set by hand in it. */
export type ReviewAnswer = Readonly<{
  run: Run;
  stretches: readonly Stretch[];
}>;
