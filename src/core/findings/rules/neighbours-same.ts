import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** The same move twice running, in two parts of the script. What is drawn has no neighbours yet. */
export function checkNeighbours({ parts }: FindingContext): Seen[] {
  return parts.flatMap(({ beat, part, move }, index) => {
    const before = parts[index - 1];
    if (before?.move.id !== move.id) return [];
    if (beat.kind === 'draw' || before.beat.kind === 'draw') return [];
    return [
      {
        place: { beatId: beat.id, part: part.id },
        severity: 'think' as const,
        params: { name: move.name },
        fix: null,
      },
    ];
  });
}
