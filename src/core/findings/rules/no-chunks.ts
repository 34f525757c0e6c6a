import { BREATHER_SECONDS, CHUNK_AFTER, inChunks, isCounted } from '../../model/dose';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeAction } from '../mending';
import { isQuickStep } from './count-beyond-age';

/** A long count without a breather. */
export function checkChunks({ parts, band }: FindingContext): Seen[] {
  return parts.flatMap(({ beat, action, move }) => {
    const dose = action?.dose;
    if (!action || !dose || !isCounted(dose.unit) || dose.asked?.as === 'by age') return [];
    const amount = Math.max(...dose.amounts);
    if (amount <= CHUNK_AFTER || isQuickStep(move, move.secondsPerRep[band])) return [];
    const chunks = dose.amounts.flatMap(inChunks);
    return [
      {
        place: { beatId: beat.id, part: action.id },
        severity: 'mend' as const,
        params: {
          name: action.guise.name || move.name,
          amount,
          chunks: inChunks(amount).join(' + '),
        },
        fix:
          chunks.length > 20
            ? null
            : (now) =>
                changeAction(now, beat.id, action.id, (one) => ({
                  ...one,
                  dose: { ...one.dose, amounts: chunks, restSeconds: BREATHER_SECONDS },
                })),
      } satisfies Seen,
    ];
  });
}
