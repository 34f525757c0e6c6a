import { copiesOf, entryChances, isEven, type Urn } from './urn';

/** Chance that none of `marked` of `all` is among `drawn` that stay out. Hypergeometric. */
function missedOf(all: number, marked: number, drawn: number): number {
  let chance = 1;
  for (let n = 0; n < drawn; n += 1) {
    const rest = all - marked - n;
    if (rest <= 0) return 0;
    chance *= rest / (all - n);
  }
  return chance;
}

/** Chance that `target` never comes, put back but never twice running: a walk over which was last. */
function missedAgain(p: readonly number[], target: number, draws: number): number {
  let now = p.map((chance, entry) => (entry === target ? 0 : chance));
  for (let draw = 2; draw <= draws; draw += 1) {
    const next = p.map(() => 0);
    now.forEach((mass, last) => {
      if (mass === 0) return;
      const others = 1 - p[last]!;
      p.forEach((chance, entry) => {
        if (entry === target || (entry === last && others > 0)) return;
        next[entry]! += others > 0 ? (mass * chance) / others : mass;
      });
    });
    now = next;
  }
  return now.reduce((sum, mass) => sum + mass, 0);
}

/**
 * For each entry the chance that it never comes in the beat's draws: quickly, for what is told at
 * every key stroke. Null where that is not a matter of a fixed number of draws and even copies. A cap
 * on one move only makes it less likely, and is left out of account.
 */
export function chancesOfNever(urn: Urn): readonly number[] | null {
  const { outcomes, entries, rules } = urn;
  const { returns, onRepeat, stop } = rules;
  if (stop.after !== 'draws') return null;
  const { draws } = stop;
  const list = Array.from({ length: entries }, (_, entry) => entry);
  if (returns === 'in order') {
    const reached = new Set(outcomes.slice(0, draws).map(({ entry }) => entry));
    return list.map((entry) => (reached.has(entry) ? 0 : 1));
  }
  if (returns === 'back') {
    const p = entryChances(urn);
    return list.map((entry) =>
      onRepeat === 'again' ? missedAgain(p, entry, draws) : (1 - p[entry]!) ** draws,
    );
  }
  if (!isEven(urn)) return null;
  const copies = copiesOf(urn);
  const all = copies.reduce((sum, count) => sum + count, 0);
  return copies.map((marked) => missedOf(all, marked, Math.min(draws, all)));
}
