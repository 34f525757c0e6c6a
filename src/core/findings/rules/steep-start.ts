import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { beatOf, forSeconds, insertBefore } from '../mending';

/** Gentle moving (levels 2 and 3) before anything hard, in seconds. Our own judgement. */
export const GENTLE_FIRST_SECONDS = 40;
const HARD = 4;

/** Hard work comes before the body is warm. */
export function checkSteepStart({ work }: FindingContext): Seen[] {
  let gentle = 0;
  for (const cue of work) {
    if (cue.effort >= HARD) {
      if (gentle >= GENTLE_FIRST_SECONDS) return [];
      const missing = Math.ceil((GENTLE_FIRST_SECONDS - gentle) / 5) * 5;
      return [
        {
          place: { beatId: cue.beatId, part: cue.doing?.part ?? null },
          severity: 'mend',
          params: { gentle, name: cue.doing?.name ?? '' },
          fix: (now, newId) =>
            insertBefore(now, cue.beatId, [beatOf('march', forSeconds(missing), newId)]),
        },
      ];
    }
    if (cue.effort >= 2) gentle += cue.lengthSeconds;
  }
  return [];
}
