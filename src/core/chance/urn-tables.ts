import { isSteered, type Urn } from './urn';

/** Weights of outcomes by the rules, and their sum. */
type Weights = Readonly<{ weights: Float64Array; sum: number }>;

/** What never changes while an urn is drawn from, as plain arrays by outcome: it is read at every draw. */
export type UrnTables = {
  readonly entryOf: Int32Array;
  readonly base: Float64Array;
  /** How many there are of each, where they do not go back. */
  readonly copies: Int32Array | null;
  /** What a full urn weighs, where nothing matters but what is left; else null. */
  readonly full: Weights | null;
  /** Where only the last entry matters: the weights after each, and at 0 those at the start. */
  readonly hasByLast: boolean;
  byLast: readonly Weights[] | null;
};

const known = new WeakMap<Urn, UrnTables>();

/** The tables of an urn, made once. */
export function tablesOf(urn: Urn): UrnTables {
  const before = known.get(urn);
  if (before) return before;
  const { outcomes, rules } = urn;
  const { returns, onRepeat } = rules;
  const staysOut = returns === 'out' || returns === 'bag';
  const isCounted = staysOut && !isSteered(rules) && onRepeat !== 'again';
  const full = Float64Array.from(outcomes, ({ weight, copies }) => weight * copies);
  const tables: UrnTables = {
    entryOf: Int32Array.from(outcomes, ({ entry }) => entry),
    base: Float64Array.from(outcomes, ({ weight }) => weight),
    copies: staysOut ? Int32Array.from(outcomes, ({ copies }) => copies) : null,
    full: isCounted ? { weights: full, sum: full.reduce((sum, one) => sum + one, 0) } : null,
    hasByLast: returns === 'back' && !isSteered(rules),
    byLast: null,
  };
  known.set(urn, tables);
  return tables;
}
