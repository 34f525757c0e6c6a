import type { Adventure } from '../document/adventure';
import { swapMove } from '../document/swap-move';
import { swapFor } from './missed-skills';
import { missingSkills, type NextQuestion, type Reason } from './next';
import { skillById } from './skills';

/** So many moves of a story are changed at most, so that it stays that story. */
const MOST_SWAPS = 2;

/**
 * The same story with other moves of the same guise: up to two moves in it give way to some of skills that
 * are missing. Null where nothing missing would fit it.
 */
export function withOtherMoves(
  adventure: Adventure,
  question: Pick<NextQuestion, 'series' | 'covered'>,
): Readonly<{ adventure: Adventure; swaps: readonly Reason[] }> | null {
  const { setting } = question.series;
  const missing = missingSkills(question, question.covered.length + 1);
  let changed = adventure;
  const swaps: Reason[] = [];
  const fresh = new Set<string>();
  for (const id of missing.keys()) {
    if (swaps.length === MOST_SWAPS) break;
    const swap = swapFor(changed, skillById(id)!, setting, fresh);
    if (!swap) continue;
    fresh.add(swap.to.id);
    changed = swapMove(changed, swap.from.id, swap.to);
    swaps.push({ kind: 'swaps', from: swap.from.plural, to: swap.to.plural });
  }
  return swaps.length === 0 ? null : { adventure: changed, swaps };
}
