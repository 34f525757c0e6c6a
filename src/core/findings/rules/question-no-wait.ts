import { changeBeat } from '../../document/edit';
import { TIMINGS } from '../../cues/timing';
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
      params: { seconds: TIMINGS.questionWait.usual },
      fix: (now) =>
        changeBeat(now, id, (beat) =>
          beat.kind === 'tell' ? { ...beat, waitSeconds: TIMINGS.questionWait.usual } : beat,
        ),
    }));
}
