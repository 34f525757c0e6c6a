import { usualDose } from '../../moves/usual-dose';
import type { Move } from '../../model/move';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { swapMove } from '../mending';

/** The first easier form that this age usually can do. */
function easierFor(move: Move, age: number, book: FindingContext['book']): Move | null {
  let at: Move | undefined = move;
  while (at && at.fromAge > age) at = at.easier ? book.get(at.easier) : undefined;
  return at ?? null;
}

/** A move that most children of the youngest age in the group cannot do yet. */
export function checkAges({ parts, setting, book }: FindingContext): Seen[] {
  const age = setting.ages.from;
  return parts
    .filter(({ move }) => move.fromAge > age)
    .map(({ beat, part, move }) => {
      const easier = easierFor(move, age, book);
      return {
        place: { beatId: beat.id, part: part.id },
        severity: 'mend',
        params: {
          name: move.name,
          age: move.fromAge,
          youngest: age,
          easier: easier?.name ?? '',
        },
        fix: easier
          ? (now) => swapMove(now, beat.id, part.id, easier.id, usualDose(easier, setting.ages))
          : null,
      } satisfies Seen;
    });
}
