import { moveOf } from '../../moves/move-book';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** Moves in a row that tire the same part of the body: the third is said. Common practice. */
export const SAME_IN_A_ROW = 3;
const TIRING = 4;

/** The same main region three times running, at level 4 or 5. Chance may bring that; it is not judged. */
export function checkSameRegion({ work, book, beats }: FindingContext): Seen[] {
  const seen: Seen[] = [];
  let region = '';
  let parts: string[] = [];
  for (const { doing, effort, beatId } of work) {
    if (!doing) continue;
    const drawn = beats.get(beatId)?.kind === 'draw';
    const main = effort >= TIRING && !drawn ? moveOf(book, doing).regions[0]! : '';
    if (main === '' || main !== region) [region, parts] = [main, []];
    if (main === '' || parts.includes(doing.part)) continue;
    parts.push(doing.part);
    if (parts.length === SAME_IN_A_ROW) {
      seen.push({
        place: { beatId, part: doing.part },
        severity: 'think',
        params: { region, name: doing.name },
        fix: null,
      });
      parts = [];
    }
  }
  return seen;
}
