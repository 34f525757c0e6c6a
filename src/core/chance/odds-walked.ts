import type { Drawn } from '../model/resolved-draw';
import { exactOdds, fixedOf, sumsByCount } from './entry-reps';
import { LONGEST_PATTERN } from './bars';
import { Drawing } from './machine';
import {
  MOST_SUM,
  SUMS,
  type Distribution,
  type Odds,
  type OddsInput,
  type SumName,
} from './odds-shape';
import { isAlike, type Urn } from './urn';
import { chancesOfOften, countsOfHands, type Hand } from './some-often';

/** More draws than this in all ways together, and it is played instead: some tenths of a second, in a worker. */
const MOST_WAYS = 60_000;
/** As many draws as a pattern looks back. */
const PATTERN = 2 * LONGEST_PATTERN - 1;
/** More steps than this for a sum of what all ways come to, and it is played instead. */
const MOST_STEPS = 30_000_000;

/** A way of drawing so far; ways that can't be told apart by what comes next, or by its sums, are one. */
type Way = {
  drawing: Drawing;
  chance: number;
  /** How often each entry was done as itself, and after those how often by its stand-in. */
  done: readonly number[];
  recent: readonly number[];
};

/** An entry with all of its outcomes in one: which of them comes matters for amounts only. */
function entriesAlone(urn: Urn): Urn {
  if (urn.rules.returns === 'in order') return urn;
  const outcomes = Array.from({ length: urn.entries }, (_, entry) =>
    urn.outcomes.filter((one) => one.entry === entry),
  ).flatMap((list) =>
    list.length === 0
      ? []
      : [
          urn.rules.returns === 'back'
            ? { ...list[0]!, weight: list.reduce((sum, { weight }) => sum + weight, 0) }
            : { ...list[0]!, copies: list.reduce((sum, { copies }) => sum + copies, 0) },
        ],
  );
  return { ...urn, outcomes };
}

/** Seconds of a draw of each entry, as itself and after those by the stand-in; null where chance has a say. */
function fixedSeconds({ urn, costs, standInCosts }: OddsInput): readonly number[] | null {
  const [own, standIns] = [costs, standInCosts].map((all) => fixedOf(urn, all, 'seconds'));
  return own && standIns ? [...own, ...standIns] : null;
}

/** Each entry always comes to the same, whichever of its outcomes it is. */
const hasFixedCosts = ({ urn, costs, standInCosts }: OddsInput) =>
  SUMS.every((sum) => [costs, standInCosts].every((all) => fixedOf(urn, all, sum) !== null));

/** In how many ways `n` entries may have come in `draws` draws, as far as it matters. */
function waysToCome(n: number, draws: number): number {
  let ways = 1;
  for (let k = 1; k < n && ways <= MOST_WAYS; k += 1) ways *= (draws + k) / k;
  return ways;
}

/** Whether there are so many ways halfway that it needs no trying. */
function isHopeless({ outcomes, rules }: Urn, seconds: readonly number[] | null): boolean {
  const { mostAhead, mostOfOne, noPattern, returns, stop } = rules;
  if (returns === 'in order') return false;
  const n = outcomes.length;
  const shortest = Math.max(1, Math.min(...outcomes.map(({ entry }) => seconds?.[entry] ?? 1)));
  const draws =
    stop.after === 'draws'
      ? stop.draws
      : stop.after === 'seconds'
        ? stop.seconds / shortest
        : stop.most;
  const half = Math.ceil(draws / 2);
  const most = Math.min(mostAhead ?? Infinity, mostOfOne ?? Infinity) + 1;
  const left = outcomes.reduce((product, { copies }) => product * (copies + 1), 1);
  const ways = Math.min(waysToCome(n, half), most ** n, returns === 'back' ? Infinity : left);
  return ways * (noPattern ? n ** Math.min(half, PATTERN) : 1) > MOST_WAYS;
}

type Walked = Readonly<{
  hands: readonly Hand[];
  draws: readonly number[];
  standIns: number;
  throwsAgain: number;
  repeats: number;
  allSeen: number;
}>;

/** What tells ways apart: all that the rules look at, and what was done. */
function keyOf({ drawing, done, recent }: Way, { rules }: Urn): string {
  const last = rules.onRepeat === 'keep' ? '' : `${drawing.last}/${drawing.run % 2}`;
  return `${done.join()}|${last}|${recent.join()}`;
}

/** All ways of the state machine at once, draw by draw; null where there are too many. */
function walk(urn: Urn, seconds: readonly number[] | null): Walked | null {
  const patterns = urn.rules.noPattern ? PATTERN : 0;
  const start = Array.from({ length: urn.entries * 2 }, () => 0);
  let now: Way[] = [{ drawing: new Drawing(urn), chance: 1, done: start, recent: [] }];
  const hands = new Map<string, [readonly number[], number]>();
  const draws: number[] = [];
  const sums = { standIns: 0, throwsAgain: 0, repeats: 0, allSeen: 0 };
  let walked = 0;
  const end = ({ drawing, chance, done }: Way) => {
    const hand = hands.get(done.join()) ?? [done, 0];
    hand[1] += chance;
    hands.set(done.join(), hand);
    draws[drawing.drawn] = (draws[drawing.drawn] ?? 0) + chance;
    if (urn.outcomes.every(({ entry }) => drawing.countOf(entry) > 0)) sums.allSeen += chance;
  };
  const goOn = (way: Way, outcome: number, chance: number): Way => {
    const drawing = way.drawing.copy();
    const drawn: Drawn | null = drawing.take(outcome);
    if (!drawn) throw new RangeError('walk: what is allowed did not count');
    const at = drawn.entry + (drawn.standIn ? urn.entries : 0);
    if (seconds) drawing.seconds += seconds[at]!;
    if (drawn.standIn) sums.standIns += chance;
    if (drawn.entry === way.drawing.last) sums.repeats += chance;
    const recent = patterns > 0 ? [...way.recent, drawn.entry].slice(-patterns) : way.recent;
    return { drawing, chance, done: way.done.with(at, way.done[at]! + 1), recent };
  };
  while (now.length > 0) {
    const next = new Map<string, Way>();
    for (const way of now) {
      if (way.drawing.isOver) {
        end(way);
        continue;
      }
      const weights = urn.outcomes.map((_, outcome) => way.drawing.weightAllowed(outcome));
      const all = weights.reduce((sum, weight) => sum + weight, 0);
      sums.throwsAgain += way.chance * (1 / way.drawing.shareAllowed - 1);
      for (const [outcome, weight] of weights.entries()) {
        if (weight <= 0) continue;
        walked += 1;
        if (walked > MOST_WAYS) return null;
        const after = goOn(way, outcome, (way.chance * weight) / all);
        const key = keyOf(after, urn);
        const same = next.get(key);
        if (same) same.chance += after.chance;
        else next.set(key, after);
      }
    }
    now = [...next.values()];
  }
  return { hands: [...hands.values()], draws: Array.from(draws, (one) => one ?? 0), ...sums };
}

/**
 * How a sum is spread over hands, given how it is spread for each entry that was done so and so often:
 * one entry after another is summed out. Null where that is too much.
 */
function sumsOfHands(
  hands: readonly Hand[],
  sumsOf: readonly ((k: number) => Distribution)[],
): Distribution | null {
  let left = MOST_STEPS;
  const sumOut = (list: readonly Hand[], entry: number): number[] | null => {
    if (entry === sumsOf.length) return [list.reduce((sum, [, chance]) => sum + chance, 0)];
    const all: number[] = [];
    for (const k of new Set(list.map(([done]) => done[entry]!))) {
      const rest = sumOut(
        list.filter(([done]) => done[entry] === k),
        entry + 1,
      );
      if (!rest) return null;
      const own = sumsOf[entry]!(k);
      left -= own.length * rest.length;
      if (left < 0 || own.length + rest.length > MOST_SUM) return null;
      while (all.length < own.length + rest.length - 1) all.push(0);
      for (const [value, chance] of own.entries()) {
        if (chance === 0) continue;
        for (let more = 0; more < rest.length; more += 1)
          all[value + more]! += chance * rest[more]!;
      }
    }
    return all;
  };
  return sumOut(hands, 0);
}

/** The same of a whole beat: the entries as themselves, and by the stand-in. */
function spreadOf(input: OddsInput, hands: readonly Hand[], sum: SumName): Distribution | null {
  const { entries } = input.urn;
  const powers = new Map<string, Distribution[]>();
  const asked = (standIn: boolean) => {
    const costs = standIn ? input.standInCosts : input.costs;
    return Array.from({ length: entries }, (_, entry) =>
      input.urn.outcomes.some((one) => one.entry === entry)
        ? sumsByCount({ urn: input.urn, costs }, entry, powers, sum)
        : () => [1],
    );
  };
  const sumsOf = [...asked(false), ...asked(true)];
  return sumsOf.every((one) => one !== null) ? sumsOfHands(hands, sumsOf) : null;
}

/**
 * Exact odds by walking every way of the state machine itself, whatever its rules, as far as they are few
 * enough; null where they are not, where outcomes of one entry that stay out differ in chance, or where it
 * goes by the clock and chance has a say in the seconds.
 */
export function walkedOdds(input: OddsInput): Odds | null {
  const { urn } = input;
  const { onRepeat, returns, stop } = urn.rules;
  const staysOut = returns === 'out' || returns === 'bag';
  if (staysOut && !isAlike(urn)) return null;
  // Which card the stand-in took matters to what is left for the entry itself.
  if (staysOut && onRepeat === 'stand-in' && !hasFixedCosts(input)) return null;
  const seconds = fixedSeconds(input);
  if (stop.after === 'seconds' && !seconds) return null;
  const alone = entriesAlone(urn);
  const walked = isHopeless(alone, seconds) ? null : walk(alone, seconds);
  if (!walked) return null;
  const { hands, ...rest } = walked;
  const [reps, landings, whole] = SUMS.map((sum) => spreadOf(input, hands, sum));
  if (!reps || !landings || !whole) return null;
  const counts = countsOfHands(hands, urn.entries, rest.draws.length - 1);
  return exactOdds(input, {
    counts,
    reps,
    landings,
    seconds: whole,
    ...rest,
    often: chancesOfOften(hands.map(([done, chance]) => [done.slice(0, urn.entries), chance])),
  });
}
