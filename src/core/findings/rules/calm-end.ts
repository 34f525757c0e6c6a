import { cueEndSeconds } from '../../cues/cue';
import { plainDose } from '../../model/dose';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { appendTo, beatOf, forSeconds } from '../mending';

/**
 * The last minute is calm, of a short session the last tenth. Common practice: cool-down with stretches and
 * a breath.
 */
export const CALM_SECONDS = 60;
const CALM_SHARE = 0.1;
const LEAST_CALM_SECONDS = 25;
const LIVELY = 3;

/** Something livelier than limbs moving in the last minute. */
export function checkCalmEnd({ schedule, work }: FindingContext): Seen[] {
  const last = work.findLast((cue) => cue.effort >= LIVELY);
  if (!last) return [];
  const { totalSeconds } = schedule;
  const calm = totalSeconds - cueEndSeconds(last);
  const wanted = Math.min(CALM_SECONDS, Math.max(LEAST_CALM_SECONDS, totalSeconds * CALM_SHARE));
  if (calm >= wanted) return [];
  const missing = Math.ceil(wanted - calm);
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
