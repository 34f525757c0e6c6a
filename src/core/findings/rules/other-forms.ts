import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

const WORK = 3;
const OLDEST_NEED_MORE = 6;

/** Work with no easier and no seated form; for sixes and sevens, nothing that can be made harder. */
export function checkForms({ parts, setting }: FindingContext): Seen[] {
  const work = parts.filter(({ move }) => move.effort >= WORK);
  const seen: Seen[] = work
    .filter(({ move }) => !move.easier && !move.seated)
    .map(({ beat, part, move }) => ({
      place: { beatId: beat.id, part: part.id },
      severity: 'think',
      params: { form: 'easier', name: move.name },
      fix: null,
    }));
  const old = setting.ages.to >= OLDEST_NEED_MORE;
  if (old && work.length > 0 && work.every(({ move }) => !move.harder)) {
    seen.push({ place: WHOLE, severity: 'think', params: { form: 'harder', name: '' }, fix: null });
  }
  return seen;
}
