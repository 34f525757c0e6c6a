import type { Dose } from '../../model/dose';
import type { Move } from '../../model/move';
import type { FindingContext, UsedPart } from '../context';
import type { Seen } from '../finding';
import { changeAction } from '../mending';

type Sides = Readonly<Record<'left' | 'right' | 'any', number>>;
const NO_SIDES: Sides = { left: 0, right: 0, any: 0 };

/** Seconds of work on each side, by the move. */
function sidesDone(work: FindingContext['work']): ReadonlyMap<string, Sides> {
  const done = new Map<string, Sides>();
  for (const { doing, lengthSeconds } of work) {
    if (!doing) continue;
    const sides = done.get(doing.move) ?? NO_SIDES;
    done.set(doing.move, { ...sides, [doing.side]: sides[doing.side] + lengthSeconds });
  }
  return done;
}

/** The other side of a move stands in the same draw: each may come more often today. */
function hasTwin(parts: readonly UsedPart[], { beat, part, move }: UsedPart): boolean {
  if (beat.kind !== 'draw' || !('dose' in part)) return false;
  const other = part.dose.sides === 'left' ? 'right' : 'left';
  const isTwin = (one: UsedPart, wanted: Move) =>
    one.beat === beat && one.move === wanted && 'dose' in one.part && one.part.dose.sides === other;
  return parts.some((one) => isTwin(one, move));
}

/** Whichever side comes is fine in a quick image. Our own judgement. */
const QUICK_SECONDS = 20;
const isQuick = ({ unit, amounts }: Dose) =>
  unit === 'seconds' && amounts.every((seconds) => seconds < QUICK_SECONDS);

/** A move with two sides that is done on one only, or that does not say which. */
export function checkSides({ parts, work }: FindingContext): Seen[] {
  const done = sidesDone(work);
  return parts.flatMap((used): Seen[] => {
    const { beat, part, move } = used;
    if (!('dose' in part) || !move.sided || part.dose.sides === 'each') return [];
    // What chance has not drawn today has no side yet.
    const sides = done.get(move.id) ?? NO_SIDES;
    const open = part.dose.sides === 'any';
    if (open && isQuick(part.dose)) return [];
    // One side here and the other elsewhere is a way of telling a story.
    if (!open && (sides.left === sides.right || hasTwin(parts, used))) return [];
    return [
      {
        place: { beatId: beat.id, part: part.id },
        severity: open ? 'think' : 'mend',
        params: { name: part.guise.name || move.name, side: part.dose.sides },
        fix: (now) =>
          changeAction(now, beat.id, part.id, (one) => ({
            ...one,
            dose: { ...one.dose, sides: 'each' },
          })),
      },
    ];
  });
}
