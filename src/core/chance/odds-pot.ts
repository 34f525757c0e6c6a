import { MOST_REPS, type Distribution, type Odds, type OddsInput } from './odds-shape';

/** More states than this at one draw, and it is played instead. */
const MOST_STATES = 40_000;

/** What is left of each entry, which was last (-1: does not matter), and its chance. */
type State = Readonly<{ left: readonly number[]; last: number; chance: number }>;

function spread(counts: readonly number[], size: number): number[] {
  return Array.from({ length: size }, (_, n) => counts[n] ?? 0);
}

/** Copies of each entry when the pot is full. */
function fullPot({ pot }: OddsInput): number[] {
  const full = Array.from({ length: pot.entries }, () => 0);
  for (const { entry, copies } of pot.outcomes) full[entry]! += copies;
  return full;
}

/**
 * Reps in all where cards stay out, no card is likelier than another and repeats are kept: every
 * hand of so many cards is as likely, so the hands are counted (hypergeometric). Null where an
 * amount is a chance of its own.
 */
function handReps(input: OddsInput, draws: number): Distribution | null {
  const { pot, repsOf } = input;
  const cards: number[] = [];
  for (const { entry, value, copies } of pot.outcomes) {
    const reps = [...repsOf(entry, value)];
    if (reps.length !== 1) return null;
    for (let n = 0; n < copies; n += 1) cards.push(reps[0]![0]);
  }
  const hand = Math.min(draws, cards.length);
  const width =
    [...cards]
      .sort((a, b) => b - a)
      .slice(0, hand)
      .reduce((sum, n) => sum + n, 0) + 1;
  if (width > MOST_REPS) return null;
  // chances[k][total]: of hands of k cards among those dealt so far, by exchangeability.
  const ways = Array.from({ length: hand + 1 }, () => new Float64Array(width));
  ways[0]![0] = 1;
  cards.forEach((reps) => {
    for (let k = hand; k >= 1; k -= 1) {
      const [from, to] = [ways[k - 1]!, ways[k]!];
      for (let total = width - 1; total >= reps; total -= 1) to[total]! += from[total - reps]!;
    }
  });
  const all = ways[hand]!.reduce((sum, count) => sum + count, 0);
  return [...ways[hand]!].map((count) => count / all);
}

/** Reps where each entry always comes to the same: read off how often each came. */
function fixedReps(input: OddsInput, hands: readonly (readonly [readonly number[], number])[]) {
  const fixed = Array.from({ length: input.pot.entries }, () => 0);
  for (const { entry, value } of input.pot.outcomes) {
    const reps = [...input.repsOf(entry, value)];
    if (reps.length !== 1) return null;
    if (fixed[entry] !== 0 && fixed[entry] !== reps[0]![0]) return null;
    fixed[entry] = reps[0]![0];
  }
  const odds: number[] = [];
  for (const [counts, chance] of hands) {
    const total = counts.reduce((sum, count, entry) => sum + count * fixed[entry]!, 0);
    if (total > MOST_REPS) return null;
    odds[total] = (odds[total] ?? 0) + chance;
  }
  return spread(odds, odds.length);
}

/**
 * Exact odds where what was drawn stays out, or stays out until the bag is empty, or the entries come
 * in order; null for other rules, or where there are too many states.
 */
export function potOdds(input: OddsInput): Odds | null {
  const { pot } = input;
  const { rules, outcomes } = pot;
  const { returns, onRepeat, mostOfOne, stop } = rules;
  if (returns === 'back' || onRepeat === 'stand-in' || mostOfOne !== null) return null;
  if (stop.after !== 'draws') return null;
  const inOrder = returns === 'in order';
  const again = onRepeat === 'again' && !inOrder;
  const full = fullPot(input);
  const size = full.reduce((sum, count) => sum + count, 0);
  const draws = returns === 'out' ? Math.min(stop.draws, size) : stop.draws;
  const weight = full.map((_, entry) => outcomes.find((one) => one.entry === entry)?.weight ?? 0);
  const even = outcomes.every((one) => one.weight === weight[one.entry]);
  if (!even) return null;

  let states: State[] = [{ left: full, last: -1, chance: 1 }];
  const sums = { throwsAgain: 0, repeats: 0 };
  let bags = 0;
  let order = 0;
  for (let draw = 0; draw < draws; draw += 1) {
    const next = new Map<string, { left: readonly number[]; last: number; chance: number }>();
    const refill = returns === 'bag' && draw > 0 && draw % size === 0;
    if (refill) bags += 1;
    for (const state of states) {
      const left = refill ? full : state.left;
      const now = inOrder
        ? full.map((_, entry) => (entry === outcomes[order % outcomes.length]!.entry ? 1 : 0))
        : left.map((count, entry) => count * weight[entry]!);
      const all = now.reduce((sum, one) => sum + one, 0);
      const other = all - (state.last >= 0 ? now[state.last]! : 0);
      const redraws = again && state.last >= 0 && other > 0;
      const same = state.last >= 0 ? now[state.last]! / all : 0;
      if (redraws) sums.throwsAgain += state.chance * (same / (1 - same));
      else sums.repeats += state.chance * same;
      now.forEach((one, entry) => {
        if (one === 0 || (redraws && entry === state.last)) return;
        const rest = inOrder ? left : left.with(entry, left[entry]! - 1);
        const key = `${rest.join(' ')}|${entry}`;
        const chance = (state.chance * one) / (redraws ? other : all);
        const known = next.get(key);
        if (known) known.chance += chance;
        else next.set(key, { left: rest, last: entry, chance });
      });
    }
    states = [...next.values()];
    if (states.length > MOST_STATES) return null;
    order += 1;
  }
  const hands = states.map(({ left, chance }): readonly [readonly number[], number] => {
    if (!inOrder) return [full.map((count, entry) => count * (bags + 1) - left[entry]!), chance];
    const counts = full.map(() => 0);
    for (let n = 0; n < draws; n += 1) counts[outcomes[n % outcomes.length]!.entry]! += 1;
    return [counts, chance];
  });
  const cardsAlike = returns === 'out' && !again && outcomes.every((one) => one.weight === 1);
  const reps = fixedReps(input, hands) ?? (cardsAlike ? handReps(input, draws) : null);
  if (!reps) return null;
  const counts = full.map((_, entry) => {
    const odds = Array.from({ length: draws + 1 }, () => 0);
    for (const [times, chance] of hands) odds[times[entry]!]! += chance;
    return odds;
  });
  return {
    method: 'exact',
    errorBound: 0,
    counts,
    draws: Array.from({ length: draws + 1 }, (_, n) => (n === draws ? 1 : 0)),
    reps,
    standIns: 0,
    ...sums,
    allSeen: hands
      .filter(([times]) => full.every((count, entry) => count === 0 || times[entry]! > 0))
      .reduce((sum, [, chance]) => sum + chance, 0),
  };
}
