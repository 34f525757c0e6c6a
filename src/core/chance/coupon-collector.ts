import { chainOf, sumsAt, type Chain } from './chain';
import { exactOdds } from './entry-reps';
import { MOST_SUM, SUMS, type Distribution, type Odds, type OddsInput } from './odds-shape';
import { entryChances, isSteered } from './urn';
import { MOST_SEEN_ENTRIES } from './seen';

/** More work than this for all that is asked, in steps, and it is played instead. */
const MOST_STEPS = 150_000_000;

/** A draw: which entry is seen by it, at which node and place it stands after it, and how likely. */
type Step = Readonly<{ bit: number; place: number; node: number; chance: number }>;

/**
 * The walk over subsets of entries that were seen, and what else matters for the next draw: its place.
 * Where repeats are kept nothing else does, and there is one place for all.
 */
type Walk = Readonly<{
  places: number;
  full: number;
  most: number;
  first: readonly Step[];
  steps: readonly (readonly Step[])[];
}>;

/** What one draw adds to a sum at each node, and how likely. */
type Adds = readonly (readonly (readonly [value: number, chance: number])[])[];

function walkOf(chain: Chain, p: readonly number[], keep: boolean, most: number): Walk {
  const can = p.flatMap((chance, entry) => (chance > 0 ? [entry] : []));
  const bitOf = (node: number) => 1 << can.indexOf(chain.nodes[node]!.entry);
  const stepsOf = (list: Chain['first']) =>
    list.map(({ to, chance }): Step => ({
      bit: bitOf(to),
      place: keep ? 0 : to,
      node: to,
      chance,
    }));
  return {
    places: keep ? 1 : chain.nodes.length,
    full: 2 ** can.length - 1,
    most,
    first: stepsOf(chain.first),
    steps: keep ? [stepsOf(chain.first)] : chain.steps.map(stepsOf),
  };
}

const mostOf = (adds: Adds) => Math.max(...adds.flat().map(([value]) => value));

/** How many steps it takes to say how a sum is spread. */
function workOf({ places, full, most, steps }: Walk, adds: Adds): number {
  const ways = Math.max(...steps.map(({ length }) => length));
  const support = Math.max(...adds.map(({ length }) => length));
  const width = mostOf(adds) * most + 1;
  return ((most * (full + 1) * places * ways * width) / 2) * support;
}

/** How a sum is spread when all were seen, or when no more is drawn. */
function sumsWhenSeen({ places, full, most, first, steps }: Walk, adds: Adds): Distribution {
  const largest = mostOf(adds);
  const width = largest * most + 1;
  const over = new Float64Array(width);
  let now: (Float64Array | undefined)[] = [Float64Array.of(1)];
  for (let draw = 1; draw <= most; draw += 1) {
    const next: (Float64Array | undefined)[] = [];
    const end = largest * (draw - 1) + 1;
    for (const [state, source] of now.entries()) {
      if (!source) continue;
      const mask = draw === 1 ? 0 : Math.floor(state / places);
      for (const { bit, place, node, chance } of draw === 1 ? first : steps[state % places]!) {
        const to = mask | bit;
        const at = to * places + place;
        const target = to === full || draw === most ? over : (next[at] ??= new Float64Array(width));
        for (const [more, share] of adds[node]!) {
          const part = chance * share;
          for (let value = 0; value < end; value += 1)
            target[value + more]! += source[value]! * part;
        }
      }
    }
    now = next;
  }
  return Array.from(over);
}

/** How likely it ends after each number of draws, with all seen or not, and what comes on the way. */
function expectations(walk: Walk, chain: Chain, p: readonly number[]) {
  const { places, full, most, first, steps } = walk;
  const { length } = chain.nodes;
  const draws = Array.from({ length: most + 1 }, () => 0);
  const sums = { standIns: 0, throwsAgain: 0, repeats: 0, allSeen: 0 };
  let next = new Float64Array((full + 1) * length);
  const goOn = (list: readonly Step[], mass: number, mask: number, draw: number) => {
    for (const { bit, node, chance } of list) {
      const to = mask | bit;
      const part = mass * chance;
      if (chain.nodes[node]!.standIn) sums.standIns += part;
      if (to === full) sums.allSeen += part;
      if (to === full || draw === most) draws[draw]! += part;
      else next[to * length + node]! += part;
    }
  };
  goOn(first, 1, 0, 1);
  for (let draw = 2; draw <= most; draw += 1) {
    const now = next;
    next = new Float64Array(now.length);
    for (const [state, mass] of now.entries()) {
      if (mass === 0) continue;
      const last = state % length;
      const same = p[chain.nodes[last]!.entry]!;
      // Thrown until it differs: a geometric number of throws that do not count.
      if (chain.redraws) sums.throwsAgain += mass * (same / (1 - same));
      else sums.repeats += mass * same;
      goOn(steps[places === 1 ? 0 : last]!, mass, Math.floor(state / length), draw);
    }
  }
  return { draws, ...sums };
}

/**
 * Exact odds of a draw that goes on until all entries were seen, everything put back: the coupon
 * collector's problem, walked over subsets (Feller, vol. 1). Null for other rules, or where there is too
 * much to walk.
 */
export function couponCollectorOdds(input: OddsInput): Odds | null {
  const { urn } = input;
  const { returns, onRepeat, stop } = urn.rules;
  if (returns !== 'back' || stop.after !== 'all seen' || isSteered(urn.rules)) return null;
  const p = entryChances(urn);
  if (p.filter((chance) => chance > 0).length > MOST_SEEN_ENTRIES) return null;
  const chain = chainOf(urn, p);
  const walk = walkOf(chain, p, onRepeat === 'keep', stop.most);
  const addsOf = SUMS.map((sum) => chain.nodes.map((node) => sumsAt(input, node, sum)));
  const countOf = (entry: number): Adds =>
    chain.nodes.map((node) => [[Number(node.entry === entry && !node.standIn), 1]]);
  // Entries that are as likely come as often.
  const likely = [...new Set(p.filter((chance) => chance > 0))];
  const asked = [...addsOf, ...likely.map((chance) => countOf(p.indexOf(chance)))];
  if (addsOf.some((adds) => mostOf(adds) * stop.most > MOST_SUM)) return null;
  if (asked.reduce((sum, adds) => sum + workOf(walk, adds), 0) > MOST_STEPS) return null;
  const [reps, landings, seconds, ...times] = asked.map((adds) => sumsWhenSeen(walk, adds));
  const counts = p.map((chance) => (chance > 0 ? times[likely.indexOf(chance)]! : [1]));
  return exactOdds(input, {
    counts,
    reps: reps!,
    landings: landings!,
    seconds: seconds!,
    ...expectations(walk, chain, p),
    often: null,
  });
}
