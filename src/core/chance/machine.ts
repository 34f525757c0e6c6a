import type { Pot } from './pot';
import type { Random } from './random';

/*
 * Drawing as one small state machine, written once: the Stage plays it live or with typed outcomes,
 * the odds walk all of its ways, the forecast plays it many times.
 */

export type DrawState = Readonly<{
  /** Draws that were done, stand-ins among them. */
  drawn: number;
  /** The entry drawn last, -1 before the first, and how many times running it came. */
  last: number;
  run: number;
  /** How often each entry was drawn. */
  counts: readonly number[];
  /** What is left of each outcome; null where everything goes back. */
  left: readonly number[] | null;
  /** Seconds that the draws have taken. */
  seconds: number;
}>;

/** One draw that counts. */
export type Drawn = Readonly<{
  /** Index of the outcome in the pot, and of the entry that it means. */
  outcome: number;
  entry: number;
  value: number | null;
  /** The stand-in is done in place of the entry. */
  standIn: boolean;
}>;

export type Taken =
  /** By the rules it does not count: throw again. */
  Readonly<{ kind: 'again' }> | Readonly<{ kind: 'drawn'; drawn: Drawn; state: DrawState }>;

export function startDrawing({ outcomes, entries, rules }: Pot): DrawState {
  const keeps = rules.returns === 'out' || rules.returns === 'bag';
  return {
    drawn: 0,
    last: -1,
    run: 0,
    counts: Array.from({ length: entries }, () => 0),
    left: keeps ? outcomes.map(({ copies }) => copies) : null,
    seconds: 0,
  };
}

/** A bag that is empty is filled again; nothing else changes by itself. */
function refilled({ outcomes, rules }: Pot, state: DrawState): DrawState {
  const { left } = state;
  if (rules.returns !== 'bag' || left === null || left.some((count) => count > 0)) return state;
  return { ...state, left: outcomes.map(({ copies }) => copies) };
}

/** How likely each outcome is as the device stands, before the rules; 0 for what is out. */
export function weightsNow(pot: Pot, state: DrawState): readonly number[] {
  const { outcomes, rules } = pot;
  if (rules.returns === 'in order') {
    const next = state.drawn % outcomes.length;
    return outcomes.map((_, n) => (n === next ? 1 : 0));
  }
  const { left } = refilled(pot, state);
  return left ? outcomes.map(({ weight }, n) => weight * left[n]!) : outcomes.map((o) => o.weight);
}

/**
 * The weights of what may count: without an entry that came often enough, and, where a repeat is
 * drawn again, without the last one. Where only the last one is left, it is kept.
 */
export function weightsAllowed(pot: Pot, state: DrawState): readonly number[] {
  const { outcomes, rules } = pot;
  const { mostOfOne, onRepeat, returns } = rules;
  const now = weightsNow(pot, state);
  if (returns === 'in order') return now;
  const capped =
    mostOfOne === null
      ? now
      : now.map((w, n) => (state.counts[outcomes[n]!.entry]! >= mostOfOne ? 0 : w));
  if (onRepeat !== 'again' || state.last < 0) return capped;
  const other = capped.map((w, n) => (outcomes[n]!.entry === state.last ? 0 : w));
  return other.some((w) => w > 0) ? other : capped;
}

/** Nothing more is drawn: by count, by time, because all were seen, or because nothing is left. */
export function isOver(pot: Pot, state: DrawState): boolean {
  const { stop } = pot.rules;
  const { drawn, seconds, counts } = state;
  if (stop.after === 'draws' && drawn >= stop.draws) return true;
  if (stop.after === 'seconds' && seconds >= stop.seconds) return true;
  if (stop.after === 'all seen') {
    if (drawn >= stop.most) return true;
    if (pot.outcomes.every(({ entry }) => counts[entry]! > 0)) return true;
  }
  return !weightsAllowed(pot, state).some((weight) => weight > 0);
}

function isStandIn(pot: Pot, run: number): boolean {
  if (pot.rules.onRepeat !== 'stand-in' || run < 2) return false;
  return pot.rules.thirdInARow === 'stand-in' || run % 2 === 0;
}

/**
 * What an outcome leads to, whether it was drawn here or typed from a real die or card. The time that
 * it takes is for the caller to add. Throws a RangeError for an outcome that the pot does not have.
 */
export function take(pot: Pot, before: DrawState, outcome: number): Taken {
  const what = pot.outcomes[outcome];
  if (!what) throw new RangeError(`take: no outcome ${outcome} of ${pot.outcomes.length}`);
  const state = refilled(pot, before);
  if (weightsAllowed(pot, state)[outcome]! <= 0) return { kind: 'again' };
  const { entry, value } = what;
  const run = entry === state.last ? state.run + 1 : 1;
  const standIn = isStandIn(pot, run);
  return {
    kind: 'drawn',
    drawn: { outcome, entry, value, standIn },
    state: {
      drawn: state.drawn + 1,
      last: entry,
      run,
      counts: state.counts.with(entry, state.counts[entry]! + 1),
      left: state.left ? state.left.with(outcome, state.left[outcome]! - 1) : null,
      seconds: state.seconds,
    },
  };
}

/** One outcome by chance, by the weights of what may count. Throws if nothing can come. */
export function pickOutcome(pot: Pot, state: DrawState, random: Random): number {
  const weights = weightsAllowed(pot, state);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  if (total <= 0) throw new RangeError('pickOutcome: nothing is left to draw');
  let at = random.share() * total;
  for (const [outcome, weight] of weights.entries()) {
    at -= weight;
    if (at < 0) return outcome;
  }
  return weights.findLastIndex((weight) => weight > 0);
}
