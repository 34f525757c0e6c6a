import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** One name for two different moves: nobody will know which is meant. */
export function checkGuises({ parts }: FindingContext): Seen[] {
  const moves = new Map<string, string>();
  const seen: Seen[] = [];
  for (const { beat, part, move } of parts) {
    const name = part.guise.name.trim().toLowerCase();
    if (!name) continue;
    const other = moves.get(name);
    if (other === undefined) moves.set(name, move.id);
    else if (other !== move.id) {
      const place = { beatId: beat.id, part: part.id };
      seen.push({ place, severity: 'mend', params: { name: part.guise.name }, fix: null });
    }
  }
  return seen;
}
