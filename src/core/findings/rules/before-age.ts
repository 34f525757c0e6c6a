import { formFor } from '../../moves/forms';
import type { Move } from '../../model/move';
import { usualDose } from '../../moves/usual-dose';
import { changeParts } from '../../beats';
import { changeBeat } from '../../document/edit';
import type { FindingContext, UsedPart } from '../context';
import type { Fix, Seen } from '../finding';
import { swapMove } from '../mending';

/** The easier form in its place: with its usual dose, or at the same time as the rest stays. */
function takeEasier(
  { beat, part }: UsedPart,
  move: Move,
  easier: Move,
  { setting }: FindingContext,
): Fix {
  const dose = usualDose(easier, setting.ages);
  if (part.move === move.id) return (now) => swapMove(now, beat.id, part.id, easier.id, dose);
  return (now) =>
    changeBeat(now, beat.id, (whole) =>
      changeParts(whole, (one) =>
        one.id === part.id
          ? { ...one, also: one.also.map((id) => (id === move.id ? easier.id : id)) }
          : one,
      ),
    );
}

/** A move that most children of the youngest age in the group cannot do yet, alone or among others. */
export function checkAges(context: FindingContext): Seen[] {
  const { parts, setting, book } = context;
  const age = setting.ages.from;
  return parts.flatMap((used) => {
    const { beat, part } = used;
    const moves = [part.move, ...part.also].flatMap((id) => book.get(id) ?? []);
    return moves
      .filter((move) => move.fromAge > age)
      .map((move) => {
        const easier = formFor(move, age, book, setting);
        return {
          place: { beatId: beat.id, part: part.id },
          severity: 'mend',
          params: {
            name: move.name,
            age: move.fromAge,
            youngest: age,
            easier: easier?.name ?? '',
          },
          fix: easier && takeEasier(used, move, easier, context),
        } satisfies Seen;
      });
  });
}
