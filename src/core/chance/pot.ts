import type { Draw } from '../model/beat';
import { isSum, type AmountRule, type Device, type DrawRules } from '../model/chance';
import { problem, type Path, type Problem, type Result } from '../model/problem';

/** One thing that the device can show: which entry it means, its value, how likely, how many. */
export type Outcome = Readonly<{
  entry: number;
  /** Pips or rank; null where the outcome has no number. */
  value: number | null;
  weight: number;
  /** How many there are before something is put back. */
  copies: number;
}>;

/** A draw beat ready to be drawn from: every outcome means something, and some can come. */
export type Pot = Readonly<{
  outcomes: readonly Outcome[];
  /** How many entries the table has; not all need be reachable. */
  entries: number;
  rules: DrawRules;
}>;

/** How many there are of each entry before something is put back. */
export function copiesOf({ outcomes, entries }: Pot): readonly number[] {
  const copies = Array.from({ length: entries }, () => 0);
  for (const one of outcomes) copies[one.entry]! += one.copies;
  return copies;
}

/** No outcome is likelier than another, but for how many there are of it. */
export function isEven({ outcomes }: Pot): boolean {
  return outcomes.every(({ weight }) => weight === outcomes[0]!.weight);
}

/** Rules by which it matters how often each entry came: no odds are walked for those. */
export function isSteered({ mostOfOne, mostAhead, noPattern }: DrawRules): boolean {
  return mostOfOne !== null || mostAhead !== null || noPattern;
}

/** How likely each entry is with everything in the pot; sums to one. */
export function entryChances({ outcomes, entries }: Pot): readonly number[] {
  const total = outcomes.reduce((sum, { weight }) => sum + weight, 0);
  return Array.from({ length: entries }, (_, entry) =>
    outcomes.reduce((sum, one) => (one.entry === entry ? sum + one.weight / total : sum), 0),
  );
}

/** In how many ways `dice` dice with `sides` sides show each total; index 0 is the total 0. */
export function diceWays(sides: number, dice: number): readonly number[] {
  let ways = [1];
  for (let n = 0; n < dice; n += 1) {
    const next = Array.from({ length: ways.length + sides }, () => 0);
    ways.forEach((count, total) => {
      for (let face = 1; face <= sides; face += 1) next[total + face]! += count;
    });
    ways = next;
  }
  return ways;
}

/** Totals that the dice can show, least first. */
export function diceTotals({
  sides,
  dice,
}: Pick<Extract<Device, { kind: 'die' }>, 'sides' | 'dice'>) {
  return Array.from({ length: sides * dice - dice + 1 }, (_, n) => dice + n);
}

const FIRST_COURT = 11;

/** Every card, those that mean the same counted together. */
function cardsOf(
  device: Extract<Device, { kind: 'deck' }>,
  entries: Draw['entries'],
  problems: Problem[],
): Outcome[] {
  const { lowest, highest, copies, courts, jokers } = device;
  if (lowest > highest) problems.push(problem('backwards-range', ['device']));
  const ranks = Array.from({ length: Math.max(0, highest - lowest + 1) }, (_, n) => lowest + n);
  const place = (cards: Draw['entries'][number]['cards']) =>
    entries.findIndex((one) => one.cards === cards);
  const [courtEntry, joker] = [place('courts'), place('jokers')];
  const known = new Map<string, { -readonly [K in keyof Outcome]: Outcome[K] }>();
  const add = (entry: number, value: number | null, more: number) => {
    const outcome = known.get(`${entry}.${value}`);
    if (outcome) outcome.copies += more;
    else known.set(`${entry}.${value}`, { entry, value, weight: 1, copies: more });
  };
  entries.forEach(({ cards }, entry) => {
    if (cards !== 'suit') return;
    for (const rank of ranks) {
      if (rank < FIRST_COURT) add(entry, rank, copies);
      else if (courtEntry >= 0) add(courtEntry, null, copies);
      else add(entry, courts ?? rank, copies);
    }
  });
  if (jokers > 0 && joker >= 0) add(joker, null, jokers * copies);
  if (jokers > 0 && joker < 0) {
    problems.push(problem('unmapped-outcome', ['entries'], { outcome: 'joker' }));
  }
  return [...known.values()];
}

function outcomesOf({ device, entries }: Draw, problems: Problem[]): Outcome[] {
  if (device.kind === 'die') {
    const ways = diceWays(device.sides, device.dice);
    return diceTotals(device).flatMap((total) => {
      const entry = entries.findIndex(({ faces }) => faces.includes(total));
      if (entry >= 0) return [{ entry, value: total, weight: ways[total]!, copies: 1 }];
      problems.push(problem('unmapped-outcome', ['entries'], { outcome: total }));
      return [];
    });
  }
  if (device.kind === 'deck') return cardsOf(device, entries, problems);
  const weighted = device.kind === 'spinner';
  return entries.map(({ weight }, entry) => ({
    entry,
    value: null,
    weight: weighted ? weight : 1,
    copies: 1,
  }));
}

function checkAmount(amount: AmountRule, device: Device): Problem[] {
  if (!isSum(amount)) return [];
  const at: Path = ['amount'];
  const problems = amount.least > amount.most ? [problem('backwards-range', at)] : [];
  const hasValue = device.kind === 'die' || device.kind === 'deck';
  if (amount.from === 'outcome' && !hasValue) problems.push(problem('no-value', at));
  return problems;
}

/**
 * The beat as something to draw from, or every reason why it is not: no entry at all, a face that
 * means nothing, nothing with any weight, a stand-in rule without a stand-in, an amount from a device
 * without numbers, a range that runs backwards.
 */
export function potOf(beat: Draw): Result<Pot> {
  const { entries, rules, amount, device } = beat;
  if (entries.length === 0) return { ok: false, problems: [problem('no-outcome', ['entries'])] };
  const problems: Problem[] = [];
  const outcomes = outcomesOf(beat, problems);
  problems.push(...checkAmount(amount, device));
  if (!outcomes.some(({ weight }) => weight > 0)) problems.push(problem('no-weight', ['entries']));
  if (rules.onRepeat === 'stand-in' && rules.standIn === null) {
    problems.push(problem('no-stand-in', ['rules', 'standIn']));
  }
  if (rules.between && rules.between.leastSeconds > rules.between.mostSeconds) {
    problems.push(problem('backwards-range', ['rules', 'between']));
  }
  if (problems.length > 0) return { ok: false, problems };
  const drawable = outcomes
    .filter(({ weight }) => weight > 0)
    // Put back, three alike are one that is three times as likely.
    .map((one) =>
      rules.returns === 'back' ? { ...one, weight: one.weight * one.copies, copies: 1 } : one,
    );
  return { ok: true, value: { outcomes: drawable, entries: entries.length, rules } };
}
