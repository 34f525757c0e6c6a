import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import type { Cue, Nth } from '../cues/cue';

/**
 * Whose turn it is to draw at a cue, by number in the circle: children draw one after another through
 * the whole session, and the first comes again after the last. Null where the leader draws, or where
 * nothing has been drawn yet.
 */
export function turnAt(adventure: Adventure, cues: readonly Cue[], index: number): Nth | null {
  const inTurn = new Set(
    drawsOf(adventure).flatMap(({ id, rules }) => (rules.thrower === 'child' ? [id] : [])),
  );
  const here = cues[index];
  if (!here || !inTurn.has(here.beatId)) return null;
  let turns = 0;
  for (let n = 0; n <= index; n += 1) {
    if (cues[n]!.kind === 'draw' && inTurn.has(cues[n]!.beatId)) turns += 1;
  }
  const of = adventure.setting.group;
  return turns === 0 || of < 2 ? null : { n: ((turns - 1) % of) + 1, of };
}
