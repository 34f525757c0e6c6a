import { plainDose } from '../../model/dose';
import { moveIn } from '../../moves/move-book';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';
import { appendTo, beatOf } from '../mending';

const HARD = 4;
const STRETCH_SECONDS = { '3-4': 6, '5': 8, '6-7': 10 } as const;

/** There is hard work, and no stretch after the last of it. */
export function checkCoolDown({ work, book, band }: FindingContext): Seen[] {
  const lastHard = work.findLastIndex((cue) => cue.effort >= HARD);
  if (lastHard < 0) return [];
  const stretched = work
    .slice(lastHard + 1)
    .some((cue) => cue.doing && moveIn(book, cue.doing.move).family === 'stretch');
  if (stretched) return [];
  const stretch = plainDose('hold', STRETCH_SECONDS[band]);
  return [
    {
      place: WHOLE,
      severity: 'mend',
      params: {},
      fix: (now, newId) =>
        appendTo(
          now,
          ['cool-down', 'calm'],
          [
            beatOf('tall-reach', stretch, newId),
            beatOf('side-bend', { ...stretch, sides: 'each' }, newId),
          ],
        ),
    },
  ];
}
