import { capital } from '../../words/capital';
import { isUnknown, nearestMoves } from '../../moves/unknown-move';
import { swapMove } from '../../document/swap-move';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** A move that was typed and that nobody knows: its time and its cautions are only a guess. */
export function checkUnknown({ parts, book }: FindingContext): Seen[] {
  const seen = new Set<string>();
  return parts.flatMap(({ beat, part }): Seen[] => {
    const move = book.get(part.move);
    if (!move || !isUnknown(move) || seen.has(move.id)) return [];
    seen.add(move.id);
    const nearest = nearestMoves(book, move.name, 1)[0];
    return [
      {
        place: { beatId: beat.id, part: part.id },
        severity: 'mend',
        params: { name: capital(move.name), nearest: nearest?.name ?? '' },
        fix: nearest ? (now) => swapMove(now, move.id, nearest) : null,
      },
    ];
  });
}
