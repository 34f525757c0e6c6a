import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeAction } from '../mending';

/** A move with two sides that is done on one only, or that does not say which. */
export function checkSides({ parts, work }: FindingContext): Seen[] {
  const done = new Map<string, Record<'left' | 'right' | 'any', number>>();
  for (const { doing, lengthSeconds } of work) {
    if (!doing) continue;
    const sides = done.get(doing.move) ?? { left: 0, right: 0, any: 0 };
    sides[doing.side] += lengthSeconds;
    done.set(doing.move, sides);
  }
  const seen: Seen[] = [];
  for (const { beat, part, move } of parts) {
    if (!('dose' in part) || !move.sided || part.dose.sides === 'each') continue;
    // What chance has not drawn today has no side yet.
    const sides = done.get(move.id) ?? { left: 0, right: 0, any: 0 };
    const open = part.dose.sides === 'any';
    // One side here and the other elsewhere is a way of telling a story.
    if (!open && sides.left === sides.right) continue;
    // Calls of left and right: each may come more often today.
    const other = part.dose.sides === 'left' ? 'right' : 'left';
    const twin = (one: (typeof parts)[number]) =>
      one.beat === beat && one.move === move && 'dose' in one.part && one.part.dose.sides === other;
    if (!open && beat.kind === 'draw' && parts.some(twin)) continue;
    seen.push({
      place: { beatId: beat.id, part: part.id },
      severity: open ? 'think' : 'mend',
      params: { name: part.guise.name || move.name, side: part.dose.sides },
      fix: (now) =>
        changeAction(now, beat.id, part.id, (one) => ({
          ...one,
          dose: { ...one.dose, sides: 'each' },
        })),
    });
  }
  return seen;
}
