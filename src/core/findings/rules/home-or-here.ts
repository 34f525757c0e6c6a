import { doseTotal, plannedDose, type Dose } from '../../model/dose';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeAction } from '../mending';

/** All that a dose asks for; nothing where the two are counted in other ways. */
const sumOf = (dose: Dose, like: Dose) => (dose.unit === like.unit ? doseTotal(dose) : 0);

/**
 * What is shown here, to be done at home, is as much as, or more than, what is to be done there: one may
 * have been taken for the other.
 */
export function checkHome({ parts, setting }: FindingContext): Seen[] {
  return parts.flatMap(({ beat, action, move }): Seen[] => {
    if (!action?.home) return [];
    const here = sumOf(plannedDose(action.dose, setting.ages), action.home);
    const home = doseTotal(plannedDose(action.home, setting.ages));
    if (here < home) return [];
    return [
      {
        place: { beatId: beat.id, part: action.id },
        severity: 'mend',
        params: { name: action.guise.name || move.name, here, home },
        fix:
          here === home
            ? null
            : (now) =>
                changeAction(now, beat.id, action.id, (one) =>
                  one.home ? { ...one, dose: one.home, home: one.dose } : one,
                ),
      },
    ];
  });
}
