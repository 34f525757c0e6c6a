import type { OddsInput, SumName } from './odds-shape';
import type { Urn } from './urn';

/**
 * Where the chain stands after a draw: the entry drawn last, and whether it was done as the
 * stand-in. With everything put back this and the number of draws are all that matters.
 */
export type Node = Readonly<{ entry: number; standIn: boolean }>;
export type Step = Readonly<{ to: number; chance: number }>;

export type Chain = Readonly<{
  nodes: readonly Node[];
  /** Chance to begin at a node, and to go on from one to the next. */
  first: readonly Step[];
  steps: readonly (readonly Step[])[];
  /** What would come twice running is thrown again. */
  redraws: boolean;
}>;

/** How draws follow one another where everything is put back; `p` are the chances of the entries. */
export function chainOf(urn: Urn, p: readonly number[]): Chain {
  const { onRepeat, thirdInARow } = urn.rules;
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
  return { nodes, first, steps, redraws };
}

/** Chances of a sum at each node, given that it was come to. */
export function sumsAt(input: OddsInput, { entry, standIn }: Node, sum: SumName) {
  const costs = standIn ? input.standInCosts : input.costs;
  const outcomes = input.urn.outcomes.flatMap((one, n) =>
    one.entry === entry ? [{ ...one, costs: costs[n]! }] : [],
  );
  const all = outcomes.reduce((total, { weight }) => total + weight, 0);
  const chances = new Map<number, number>();
  for (const { weight, costs: list } of outcomes) {
    for (const { chance, [sum]: one } of list) {
      chances.set(one, (chances.get(one) ?? 0) + (chance * weight) / all);
    }
  }
  return [...chances];
}
