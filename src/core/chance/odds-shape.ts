import type { Pot } from './pot';
import type { Random } from './random';

/** Totals of reps past this are not walked but played. */
export const MOST_REPS = 20_000;

/** Chances by value: index k holds the chance of exactly k. Sums to one. */
export type Distribution = readonly number[];

/** What to expect of a draw beat. */
export type Odds = Readonly<{
  method: 'exact' | 'simulated';
  /** No chance is off by more than this, with 99 % confidence; 0 where it is exact. */
  errorBound: number;
  /** For each entry, how often it is done as itself: stand-ins taken off. */
  counts: readonly Distribution[];
  /** How many draws there are. */
  draws: Distribution;
  /** Counted moves (reps and steps, sides and ways counted) in all; null where it was not asked. */
  reps: Distribution;
  /** Expected number of stand-ins, of throws that do not count, of neighbours alike. */
  standIns: number;
  throwsAgain: number;
  repeats: number;
  /** Chance that every entry that can come has come. */
  allSeen: number;
}>;

/** Counted moves that a draw of the entry (or of the stand-in) comes to, with their chances. */
export type RepsOf = (entry: number, value: number | null) => ReadonlyMap<number, number>;

/** What the odds are worked out from. */
export type OddsInput = Readonly<{
  pot: Pot;
  repsOf: RepsOf;
  standInReps: RepsOf;
  random: Random;
  secondsOf: LengthOf;
}>;

/** Seconds that a draw takes; needed only where draws stop after a time. */
export type LengthOf = (entry: number, value: number | null, standIn: boolean) => number;
