import { exactOdds, fixedOf } from './entry-reps';
import {
  MOST_SUM,
  SUMS,
  surely,
  type Distribution,
  type Odds,
  type OddsInput,
  type SumName,
} from './odds-shape';
import { handsOf, largestHand, shifted } from './hands';
import { copiesOf, isAlike, isSteered, type Urn } from './urn';
import { chancesOfOften, countsOfHands, type Hand } from './some-often';

/** More ways than this of what may be left, and it is played instead. */
const MOST_STATES = 40_000;

/**
 * A sum where cards stay out, or come back once all were drawn, no card is likelier than another and
 * repeats are kept: every hand of so many cards is as likely, so the hands are counted
 * (hypergeometric). Null where an amount is a chance of its own.
 */
function handSums(input: OddsInput, draws: number, sum: SumName): Distribution | null {
  const { outcomes, rules } = input.urn;
  const cards: number[] = [];
  for (const [outcome, { copies }] of outcomes.entries()) {
    const costs = input.costs[outcome]!;
    if (costs.length !== 1) return null;
    for (let n = 0; n < copies; n += 1) cards.push(costs[0]![sum]);
  }
  // Every full bag brings all of them.
  const bags = rules.returns === 'bag' ? Math.floor(draws / cards.length) : 0;
  const hand = Math.min(draws - bags * cards.length, cards.length);
  const whole = bags * cards.reduce((total, card) => total + card, 0);
  if (whole + largestHand(cards, hand) + 1 > MOST_SUM) return null;
  return shifted(handsOf(cards, hand)[hand]!, whole);
}

/** A sum where each entry always comes to the same: read off how often each came. */
function fixedSums(input: OddsInput, hands: readonly Hand[], sum: SumName) {
  const fixed = fixedOf(input.urn, input.costs, sum);
  if (!fixed) return null;
  const odds: number[] = [];
  for (const [counts, chance] of hands) {
    const total = counts.reduce((all, count, entry) => all + count * fixed[entry]!, 0);
    if (total > MOST_SUM) return null;
    odds[total] = (odds[total] ?? 0) + chance;
  }
  return Array.from(odds, (chance: number | undefined) => chance ?? 0);
}

type Walked = Readonly<{ hands: readonly Hand[]; throwsAgain: number; repeats: number }>;

/** Entries in order: nothing is left to chance. */
function walkInOrder({ urn }: OddsInput, draws: number): Walked {
  const { outcomes } = urn;
  const counts = Array.from({ length: urn.entries }, () => 0);
  let repeats = 0;
  for (let n = 0; n < draws; n += 1) {
    const { entry } = outcomes[n % outcomes.length]!;
    counts[entry]! += 1;
    if (n > 0 && outcomes[(n - 1) % outcomes.length]!.entry === entry) repeats += 1;
  }
  return { hands: [[counts, 1]], throwsAgain: 0, repeats };
}

/**
 * All ways of emptying the urn at once. A state is what is left of each entry, as the digits of one
 * number, and which entry was last: plain arrays, for there are tens of thousands. Null where there
 * are too many.
 */
// The hottest loop of the odds, over plain arrays: its branches stay where its numbers are.
// eslint-disable-next-line complexity
function walkUrn({ urn }: OddsInput, full: readonly number[], draws: number): Walked | null {
  const { outcomes, rules } = urn;
  const again = rules.onRepeat === 'again';
  const n = full.length;
  const size = full.reduce((sum, count) => sum + count, 0);
  const strides: number[] = [];
  let lefts = 1;
  for (const count of full) {
    strides.push(lefts);
    lefts *= count + 1;
  }
  if (lefts > MOST_STATES) return null;
  const weight = full.map((_, entry) => outcomes.find((one) => one.entry === entry)?.weight ?? 0);
  const leftOf = (state: number, entry: number) =>
    Math.floor(state / strides[entry]!) % (full[entry]! + 1);

  let now = new Float64Array(lefts * n);
  let next = new Float64Array(lefts * n);
  const sums = { throwsAgain: 0, repeats: 0 };
  const here = new Float64Array(n);
  const whole = lefts - 1;
  for (let draw = 0; draw < draws; draw += 1) {
    next.fill(0);
    const refill = rules.returns === 'bag' && draw > 0 && draw % size === 0;
    if (refill) now.copyWithin(whole * n, 0, n);
    // A bag that was filled again holds everything; before the first draw nothing was last.
    const [from, to] = refill || draw === 0 ? [whole, whole] : [0, whole];
    for (let state = from; state <= to; state += 1) {
      let all = 0;
      let known = false;
      for (let last = 0; last < n; last += 1) {
        const mass = draw === 0 ? (last === 0 ? 1 : 0) : now[state * n + last]!;
        if (mass === 0) continue;
        if (!known) {
          known = true;
          for (let entry = 0; entry < n; entry += 1) {
            here[entry] = leftOf(state, entry) * weight[entry]!;
            all += here[entry]!;
          }
        }
        if (all === 0) continue;
        const same = draw === 0 ? 0 : here[last]!;
        const other = all - same;
        const redraws = again && draw > 0 && other > 0;
        if (redraws) sums.throwsAgain += mass * (same / other);
        else sums.repeats += (mass * same) / all;
        const share = mass / (redraws ? other : all);
        for (let entry = 0; entry < n; entry += 1) {
          if (here[entry] === 0 || (redraws && entry === last)) continue;
          next[(state - strides[entry]!) * n + entry]! += share * here[entry]!;
        }
      }
    }
    [now, next] = [next, now];
  }
  const bags = rules.returns === 'bag' ? Math.max(0, Math.ceil(draws / size) - 1) : 0;
  const hands: Hand[] = [];
  for (let state = 0; state < lefts; state += 1) {
    let chance = 0;
    for (let last = 0; last < n; last += 1) chance += now[state * n + last]!;
    if (chance === 0) continue;
    hands.push([full.map((count, entry) => count * (bags + 1) - leftOf(state, entry)), chance]);
  }
  return { hands, ...sums };
}

/** By entries alone, without stand-ins and without rules of how often each may come. */
function isWalkable(urn: Urn): boolean {
  const { returns, onRepeat } = urn.rules;
  return returns !== 'back' && onRepeat !== 'stand-in' && !isSteered(urn.rules) && isAlike(urn);
}

/**
 * Exact odds where what was drawn stays out, or stays out until the bag is empty, or the entries come
 * in order; null for other rules, or where there are too many states.
 */
export function urnOdds(input: OddsInput): Odds | null {
  const { urn } = input;
  const { rules, outcomes } = urn;
  const { returns, onRepeat, stop } = rules;
  if (!isWalkable(urn) || stop.after !== 'draws') return null;
  const inOrder = returns === 'in order';
  const again = onRepeat === 'again' && !inOrder;
  const full = copiesOf(urn);
  const size = full.reduce((sum, count) => sum + count, 0);
  const draws = returns === 'out' ? Math.min(stop.draws, size) : stop.draws;
  const walked = inOrder ? walkInOrder(input, draws) : walkUrn(input, full, draws);
  if (!walked) return null;
  const { hands, throwsAgain, repeats } = walked;
  const cardsAlike = !inOrder && !again && outcomes.every((one) => one.weight === 1);
  const sumOf = (sum: SumName) =>
    fixedSums(input, hands, sum) ?? (cardsAlike ? handSums(input, draws, sum) : null);
  const [reps, landings, seconds] = SUMS.map(sumOf);
  if (!reps || !landings || !seconds) return null;
  const counts = countsOfHands(hands, full.length, draws);
  return exactOdds(input, {
    counts,
    draws: surely(draws),
    reps,
    landings,
    seconds,
    standIns: 0,
    throwsAgain,
    repeats,
    allSeen: hands
      .filter(([times]) => full.every((count, entry) => count === 0 || times[entry]! > 0))
      .reduce((sum, [, chance]) => sum + chance, 0),
    often: chancesOfOften(hands),
  });
}
