import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeAction } from '../mending';

/** Counts past this are done in chunks. Common practice: chunks of ten once it passes 20. */
export const CHUNK_AFTER = 20;
const CHUNK = 10;
const BREATHER_SECONDS = 5;

function inChunks(amount: number): number[] {
  const tens = Math.floor(amount / CHUNK);
  const rest = amount % CHUNK;
  return [...Array.from({ length: tens }, () => CHUNK), ...(rest > 0 ? [rest] : [])];
}

/** A long count without a breather. */
export function checkChunks({ parts }: FindingContext): Seen[] {
  return parts.flatMap(({ beat, action, move }) => {
    const dose = action?.dose;
    if (!action || !dose || (dose.unit !== 'reps' && dose.unit !== 'steps')) return [];
    const amount = Math.max(...dose.amounts);
    if (amount <= CHUNK_AFTER) return [];
    const chunks = dose.amounts.flatMap((n) => (n > CHUNK_AFTER ? inChunks(n) : [n]));
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
