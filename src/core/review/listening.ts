/** What is listened for while a segment is led. */

/** Each term with the chance that it is said where the segment is led, 0 to 1. */
export type Listening = ReadonlyMap<string, number>;

/**
 * A stretch of the script that is led in one go: a line, a station in a round, a draw. `variants` has
 * what may be said: one, or where chance was not kept, one for each thing that may have come.
 */
export type Segment = Readonly<{
  key: string;
  chapterId: string;
  beatId: string;
  part: string | null;
  /** Round, verse or draw, counted from 1; 0 where there is none. */
  round: number;
  label: string;
  plannedSeconds: number;
  /** Its cues in the schedule: from, and up to but without. */
  fromCue: number;
  toCue: number;
  /** How unlikely it is left out, in nats. */
  skipCost: number;
  /** How far its length may be off, as a standard deviation of its logarithm: a drink is soon cut short. */
  spread: number;
  /** It may be found elsewhere than in its place. */
  mayMove: boolean;
  variants: readonly Listening[];
  /** Counts of its sets, where they are counted. */
  amounts: readonly number[];
}>;
