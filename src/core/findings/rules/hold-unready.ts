import { changeBeat } from '../../document/edit';
import { countWords } from '../../words/count-words';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** A line of this many words gives time to get into a hold. Our own judgement. */
const LINE_IS_READY_WORDS = 4;

/** A hold in a flowing run whose clock starts before everyone is in it. */
export function checkHolds({ parts }: FindingContext): Seen[] {
  return parts
    .filter(
      ({ beat, action }) => beat.kind === 'move' && beat.flowing && action?.dose.unit === 'hold',
    )
    .filter(({ part }) => countWords(part.guise.line) < LINE_IS_READY_WORDS)
    .map(({ beat, part, move }) => ({
      place: { beatId: beat.id, part: part.id },
      severity: 'mend',
      params: { name: part.guise.name || move.name },
      fix: (now) =>
        changeBeat(now, beat.id, (one) => (one.kind === 'move' ? { ...one, flowing: false } : one)),
    }));
}
