import { changeBeat } from '../../document/edit';
import { QUESTION_WAIT_SECONDS } from '../../cues/timing';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** A question that leaves no time for answers. */
export function checkQuestions({ beats }: FindingContext): Seen[] {
  return [...beats.values()]
    .filter((beat) => beat.kind === 'tell' && beat.text.trim().endsWith('?'))
    .filter((beat) => beat.kind === 'tell' && (beat.waitSeconds ?? 0) < 1)
    .map(({ id }) => ({
      place: { beatId: id, part: null },
      severity: 'mend',
      params: { seconds: QUESTION_WAIT_SECONDS },
      fix: (now) =>
        changeBeat(now, id, (beat) =>
          beat.kind === 'tell' ? { ...beat, waitSeconds: QUESTION_WAIT_SECONDS } : beat,
        ),
    }));
}
