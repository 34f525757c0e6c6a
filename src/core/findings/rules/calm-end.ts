import { cueEndSeconds } from '../../cues/cue';
import { plainDose } from '../../model/dose';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { appendTo, beatOf, forSeconds } from '../mending';

/** The last minute is calm. Common practice: cool-down with stretches and a breath. */
export const CALM_SECONDS = 60;
const LIVELY = 3;

/** Something livelier than limbs moving in the last minute. */
export function checkCalmEnd({ schedule, work }: FindingContext): Seen[] {
  const last = work.findLast((cue) => cue.effort >= LIVELY);
  if (!last) return [];
  const calm = schedule.totalSeconds - cueEndSeconds(last);
  if (calm >= CALM_SECONDS) return [];
  const missing = Math.ceil(CALM_SECONDS - calm);
  return [
    {
      place: { beatId: last.beatId, part: last.doing?.part ?? null },
      severity: 'mend',
      params: { calm, name: last.doing?.name ?? '' },
      fix: (now, newId) =>
        appendTo(
          now,
          ['goodbye', 'calm', 'cool-down'],
          [
            beatOf('calm-breath', plainDose('reps', 3), newId),
            ...(missing > 20
              ? [beatOf('lie-still', forSeconds(missing - 15), newId, 'follow me')]
              : []),
          ],
        ),
    },
  ];
}
