import type { Urn } from './urn';
import type { Random } from './random';

/** Sums past this are not walked but played. */
export const MOST_SUM = 20_000;

/** Chances by value: index k holds the chance of exactly k. Sums to one. */
export type Distribution = readonly number[];

/** It comes to `value`, and nothing else. */
export function surely(value: number): Distribution {
  return Array.from({ length: value + 1 }, (_, n) => (n === value ? 1 : 0));
}

/** What to expect of a draw beat. */
export type Odds = Readonly<{
  method: 'exact' | 'simulated';
  /** No chance is off by more than this, with 99 % confidence; 0 where it is exact. */
  errorBound: number;
  /** For each entry, how often it is done as itself: stand-ins taken off. */
  counts: readonly Distribution[];
  /** For each entry, its reps in all. */
  entryReps: readonly Distribution[];
  /** How many draws there are. */
  draws: Distribution;
  /** In all: counted moves (reps and steps, sides and ways counted), landings, whole seconds. */
  reps: Distribution;
  landings: Distribution;
  seconds: Distribution;
  /** Expected number of stand-ins, of throws that do not count, of neighbours alike. */
  standIns: number;
  throwsAgain: number;
  repeats: number;
  /**
   * Chance that some entry, whichever, comes k times or more, k from 0 on; null where the rules tie draws
   * to each other in ways that are walked for single entries only.
   */
  often: Distribution | null;
  /** Chance that every entry that can come has come. */
  allSeen: number;
}>;

/** What is added up over the draws. */
export const SUMS = ['reps', 'landings', 'seconds'] as const;
export type SumName = (typeof SUMS)[number];

/** One amount that a draw of an outcome can come to: how likely it is, and whole sums of it. */
export type Cost = Readonly<{ chance: number } & Record<SumName, number>>;

/** What the odds are worked out from. */
export type OddsInput = Readonly<{
  urn: Urn;
  /**
   * What a draw of each outcome may come to, and what the stand-in in its place may; chances sum to
   * one.
   */
  costs: readonly (readonly Cost[])[];
  standInCosts: readonly (readonly Cost[])[];
  random: Random;
}>;
