import { exactOdds } from './entry-reps';
import { chainOf, sumsAt, type Chain } from './chain';
import { addKernel, kernelOf } from './kernel';
import {
  MOST_SUM,
  surely,
  type Distribution,
  type Odds,
  type OddsInput,
  type SumName,
} from './odds-shape';
import { entryChances, isSteered, type Urn } from './urn';
import { someOften } from './some-often';
import { allSeenAfter, allSeenBy, MOST_SEEN_ENTRIES } from './seen';

/** More work than this for the distribution of a sum, in steps, and it is played instead. */
const MOST_STEPS = 120_000_000;

/** How often each entry is done as itself in so many draws, everything put back, no cap at work. */
export function keptCounts(urn: Urn, draws: number): readonly Distribution[] {
  const p = entryChances(urn);
  const chain = chainOf(urn, p);
  const ways = waysTo(chain, p);
  return p.map((_, entry) => countsOf(chain, ways, entry, draws));
}

type Ways = Readonly<{
  weights: readonly number[];
  ways: readonly Readonly<{ share: number; allBut: boolean; list: readonly number[] }>[];
}>;

/**
 * What comes to each node from those before it, for values from `least` on and below `end`, before
 * the node's own share is taken. Written into `came`, one for each node; `all` is scratch.
 */
function mix(
  now: readonly Float64Array[],
  { weights, ways }: Ways,
  least: number,
  end: number,
  came: readonly Float64Array[],
  all: Float64Array,
): void {
  all.fill(0, least, end);
  for (let from = 0; from < now.length; from += 1) {
    const [one, weight] = [now[from]!, weights[from]!];
    for (let value = least; value < end; value += 1) all[value]! += one[value]! * weight;
  }
  for (let node = 0; node < ways.length; node += 1) {
    const { allBut, list } = ways[node]!;
    const target = came[node]!;
    if (allBut) for (let value = least; value < end; value += 1) target[value] = all[value]!;
    else target.fill(0, least, end);
    for (const from of list) {
      const [one, weight] = [now[from]!, allBut ? -weights[from]! : weights[from]!];
      for (let value = least; value < end; value += 1) target[value]! += one[value]! * weight;
    }
    // Less than nothing is rounding.
    if (allBut)
      for (let value = least; value < end; value += 1) if (target[value]! < 0) target[value] = 0;
  }
}

/**
 * Which nodes lead to a node, told the shorter way: from these, or from all but these. What leads
 * there has the chance `share` times its own `weights`.
 */
function waysTo({ nodes, steps }: Chain, p: readonly number[]): Ways {
  const weights = steps.map((list) => {
    const { to, chance } = list[0]!;
    return chance / p[nodes[to]!.entry]!;
  });
  const ways = nodes.map(({ entry }, to) => {
    const from = nodes.flatMap((_, n) => (steps[n]!.some((one) => one.to === to) ? [n] : []));
    const others = nodes.flatMap((_, n) => (from.includes(n) ? [] : [n]));
    const allBut = others.length < from.length;
    return { share: p[entry]!, allBut, list: allBut ? others : from };
  });
  return { weights, ways };
}

/** How often `target` is done as itself in `draws` draws. */
function countsOf({ nodes, first }: Chain, way: Ways, target: number, draws: number): Distribution {
  const { ways } = way;
  const width = draws + 1;
  const came = nodes.map(() => new Float64Array(width));
  const all = new Float64Array(width);
  const adds = nodes.map(({ entry, standIn }) => (entry === target && !standIn ? 1 : 0));
  let now = nodes.map(() => new Float64Array(width));
  for (const { to, chance } of first) now[to]![adds[to]!]! += chance;
  for (let draw = 2; draw <= draws; draw += 1) {
    mix(now, way, 0, draw, came, all);
    now = came.map((source, node) => {
      const next = new Float64Array(width);
      const [add, { share }] = [adds[node]!, ways[node]!];
      for (let count = 0; count < draw; count += 1) next[count + add] = source[count]! * share;
      return next;
    });
  }
  return Array.from({ length: width }, (_, count) =>
    now.reduce((sum, one) => sum + one[count]!, 0),
  );
}

/** How a sum is spread over so many draws; null where there is too much to walk. */
function sumOdds(
  input: OddsInput,
  chain: Chain,
  way: Ways,
  draws: number,
  sum: SumName,
): Distribution | null {
  const at = chain.nodes.map((node) => sumsAt(input, node, sum));
  const most = Math.max(...at.flat().map(([value]) => value));
  const width = most * draws + 1;
  const { length } = chain.nodes;
  const support = Math.max(...at.map((list) => list.length));
  if (width > MOST_SUM || draws * width * length * (3 + support) > MOST_STEPS) return null;
  const least = Math.min(...at.flat().map(([value]) => value));
  const kernels = at.map(kernelOf);
  // Filled anew for each draw: made anew they would cost as much as the sums.
  const buffers = () => chain.nodes.map(() => new Float64Array(width));
  let [now, next] = [buffers(), buffers()];
  const came = buffers();
  const [all, scratch] = [new Float64Array(width), new Float64Array(width)];
  for (const { to, chance } of chain.first) {
    for (const [value, share] of at[to]!) now[to]![value]! += chance * share;
  }
  for (let draw = 2; draw <= draws; draw += 1) {
    const [from, end] = [least * (draw - 1), most * (draw - 1) + 1];
    mix(now, way, from, end, came, all);
    for (let node = 0; node < next.length; node += 1) {
      const target = next[node]!;
      target.fill(0);
      addKernel(target, came[node]!, kernels[node]!, way.ways[node]!.share, from, end, scratch);
    }
    [now, next] = [next, now];
  }
  return Array.from({ length: width }, (_, value) =>
    now.reduce((total, one) => total + one[value]!, 0),
  );
}

/** Expected stand-ins, throws again and neighbours alike over the draws. */
function expectations(chain: Chain, p: readonly number[], draws: number) {
  let now = chain.nodes.map(() => 0);
  for (const { to, chance } of chain.first) now[to]! += chance;
  const sums = { standIns: 0, throwsAgain: 0, repeats: 0 };
  for (let draw = 2; draw <= draws; draw += 1) {
    const next = chain.nodes.map(() => 0);
    chain.steps.forEach((steps, from) => {
      const same = p[chain.nodes[from]!.entry]!;
      // Thrown until it differs: a geometric number of throws that do not count.
      if (chain.redraws) sums.throwsAgain += now[from]! * (same / (1 - same));
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
  const { rules } = input.urn;
  if (rules.returns !== 'back' || rules.stop.after !== 'draws' || isSteered(rules)) return null;
  const p = entryChances(input.urn);
  const can = p.filter((chance) => chance > 0).length;
  if (can > MOST_SEEN_ENTRIES) return null;
  const { draws } = rules.stop;
  const chain = chainOf(input.urn, p);
  const ways = waysTo(chain, p);
  const reps = sumOdds(input, chain, ways, draws, 'reps');
  const landings = reps && sumOdds(input, chain, ways, draws, 'landings');
  const seconds = landings && sumOdds(input, chain, ways, draws, 'seconds');
  if (!seconds) return null;
  const counts = p.map((_, entry) => countsOf(chain, ways, entry, draws));
  return exactOdds(input, {
    counts,
    draws: surely(draws),
    reps,
    landings,
    seconds,
    ...expectations(chain, p, draws),
    allSeen:
      rules.onRepeat === 'again' ? allSeenBy(p, draws, true)[draws]! : allSeenAfter(p, draws),
    often: someOften(input.urn, draws),
  });
}
