import { formFor } from '../../moves/forms';
import { usualDose } from '../../moves/usual-dose';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { swapMove } from '../mending';

/** A move that most children of the youngest age in the group cannot do yet. */
export function checkAges({ parts, setting, book }: FindingContext): Seen[] {
  const age = setting.ages.from;
  return parts
    .filter(({ move }) => move.fromAge > age)
    .map(({ beat, part, move }) => {
      const easier = formFor(move, age, book);
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
