import { MOST_REPS, type Distribution, type Odds, type OddsInput } from './odds-shape';
import { entryChances } from './pot';
import { allSeenBy, MOST_SEEN_ENTRIES } from './seen';

/** More work than this for the distribution of reps, in steps, and it is played instead. */
const MOST_STEPS = 120_000_000;

/**
 * Where the chain stands after a draw: the entry drawn last, and whether it was done as the
 * stand-in. With everything put back this and the number of draws are all that matters.
 */
type Node = Readonly<{ entry: number; standIn: boolean }>;
type Step = Readonly<{ to: number; chance: number }>;

type Chain = Readonly<{
  nodes: readonly Node[];
  /** Chance to begin at a node, and to go on from one to the next. */
  first: readonly Step[];
  steps: readonly (readonly Step[])[];
}>;

function chainOf({ pot }: OddsInput, p: readonly number[]): Chain {
  const { onRepeat, thirdInARow } = pot.rules;
  const entries = p.flatMap((chance, entry) => (chance > 0 ? [entry] : []));
  const nodes = entries.flatMap((entry): Node[] =>
    onRepeat === 'stand-in'
      ? [
          { entry, standIn: false },
          { entry, standIn: true },
        ]
      : [{ entry, standIn: false }],
  );
  const at = (entry: number, standIn: boolean) =>
    nodes.findIndex((node) => node.entry === entry && node.standIn === standIn);
  const first = entries.map((entry) => ({ to: at(entry, false), chance: p[entry]! }));
  const redraws = onRepeat === 'again' && entries.length > 1;
  const steps = nodes.map((from): Step[] =>
    entries.flatMap((entry) => {
      const same = entry === from.entry;
      if (redraws && same) return [];
      const chance = redraws ? p[entry]! / (1 - p[from.entry]!) : p[entry]!;
      const stands =
        onRepeat === 'stand-in' && same && (thirdInARow === 'stand-in' || !from.standIn);
      return [{ to: at(entry, stands), chance }];
    }),
  );
  return { nodes, first, steps };
}

/** How often `target` is done as itself in `draws` draws. */
function countsOf({ nodes, first, steps }: Chain, target: number, draws: number): Distribution {
  const width = draws + 1;
  const adds = nodes.map(({ entry, standIn }) => (entry === target && !standIn ? 1 : 0));
  let now = new Float64Array(nodes.length * width);
  for (const { to, chance } of first) now[to * width + adds[to]!]! += chance;
  for (let draw = 2; draw <= draws; draw += 1) {
    const next = new Float64Array(now.length);
    nodes.forEach((_, from) => {
      for (const { to, chance } of steps[from]!) {
        const [base, add] = [from * width, adds[to]!];
        for (let count = 0; count < draw; count += 1) {
          const mass = now[base + count]!;
          if (mass !== 0) next[to * width + count + add]! += mass * chance;
        }
      }
    });
    now = next;
  }
  return Array.from({ length: width }, (_, count) =>
    nodes.reduce((sum, _node, node) => sum + now[node * width + count]!, 0),
  );
}

/** Chances of reps at each node, given that it was come to. */
function repsAt({ pot, repsOf, standInReps }: OddsInput, { entry, standIn }: Node) {
  const outcomes = pot.outcomes.filter((outcome) => outcome.entry === entry);
  const all = outcomes.reduce((sum, { weight }) => sum + weight, 0);
  const chances = new Map<number, number>();
  for (const { value, weight } of outcomes) {
    for (const [reps, chance] of (standIn ? standInReps : repsOf)(entry, value)) {
      chances.set(reps, (chances.get(reps) ?? 0) + (chance * weight) / all);
    }
  }
  return [...chances];
}

function repsOdds(input: OddsInput, chain: Chain, draws: number): Distribution | null {
  const reps = chain.nodes.map((node) => repsAt(input, node));
  const most = Math.max(...reps.flat().map(([value]) => value));
  const width = most * draws + 1;
  const { length } = chain.nodes;
  const support = Math.max(...reps.map((list) => list.length));
  if (width > MOST_REPS || draws * width * length * (length + support) > MOST_STEPS) return null;
  let now = chain.nodes.map(() => new Float64Array(width));
  for (const { to, chance } of chain.first) {
    for (const [value, share] of reps[to]!) now[to]![value]! += chance * share;
  }
  for (let draw = 2; draw <= draws; draw += 1) {
    const filled = most * (draw - 1) + 1;
    const came = chain.nodes.map(() => new Float64Array(width));
    chain.steps.forEach((steps, from) => {
      const source = now[from]!;
      for (const { to, chance } of steps) {
        const target = came[to]!;
        for (let value = 0; value < filled; value += 1) target[value]! += source[value]! * chance;
      }
    });
    now = came.map((source, node) => {
      const target = new Float64Array(width);
      for (const [value, share] of reps[node]!) {
        for (let n = 0; n < filled; n += 1) target[n + value]! += source[n]! * share;
      }
      return target;
    });
  }
  return Array.from({ length: width }, (_, value) =>
    now.reduce((sum, one) => sum + one[value]!, 0),
  );
}

/** Expected stand-ins, throws again and neighbours alike over the draws. */
function expectations(input: OddsInput, chain: Chain, p: readonly number[], draws: number) {
  const redraws = input.pot.rules.onRepeat === 'again' && chain.nodes.length > 1;
  let now = chain.nodes.map(() => 0);
  for (const { to, chance } of chain.first) now[to]! += chance;
  const sums = { standIns: 0, throwsAgain: 0, repeats: 0 };
  for (let draw = 2; draw <= draws; draw += 1) {
    const next = chain.nodes.map(() => 0);
    chain.steps.forEach((steps, from) => {
      const same = p[chain.nodes[from]!.entry]!;
      // Thrown until it differs: a geometric number of throws that do not count.
      if (redraws) sums.throwsAgain += now[from]! * (same / (1 - same));
      else sums.repeats += now[from]! * same;
      for (const { to, chance } of steps) {
        next[to]! += now[from]! * chance;
        if (chain.nodes[to]!.standIn) sums.standIns += now[from]! * chance;
      }
    });
    now = next;
  }
  return sums;
}

/**
 * Exact odds where everything that was drawn goes back and the number of draws is fixed; null for
 * other rules, or where there is too much to walk.
 */
export function keptOdds(input: OddsInput): Odds | null {
  const { rules } = input.pot;
  if (rules.returns !== 'back' || rules.mostOfOne !== null || rules.stop.after !== 'draws') {
    return null;
  }
  const p = entryChances(input.pot);
  const can = p.filter((chance) => chance > 0).length;
  if (can > MOST_SEEN_ENTRIES) return null;
  const { draws } = rules.stop;
  const chain = chainOf(input, p);
  const reps = repsOdds(input, chain, draws);
  if (!reps) return null;
  return {
    method: 'exact',
    errorBound: 0,
    counts: p.map((_, entry) => countsOf(chain, entry, draws)),
    draws: Array.from({ length: draws + 1 }, (_, n) => (n === draws ? 1 : 0)),
    reps,
    ...expectations(input, chain, p, draws),
    allSeen: allSeenBy(p, draws, rules.onRepeat === 'again')[draws]!,
  };
}
