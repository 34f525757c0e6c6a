import { isLed } from '../../beats';
import { isWork } from '../../cues/cue';
import { changeBeat } from '../../document/edit';
import type { Action } from '../../model/action';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** A shorter hold that they follow is a quick image. Our own judgement. */
const QUICK_SECONDS = 6;

const isLongHold = (action: Action | null) =>
  action?.dose.unit === 'hold' && action.dose.amounts[0]! > QUICK_SECONDS;

/** A hold whose clock starts before everyone is in it: straight from the work before. */
export function checkHolds({ parts, schedule }: FindingContext): Seen[] {
  const { cues } = schedule;
  return parts
    .filter(({ action, how }) => how.led === 'follow me' && isLongHold(action))
    .filter(({ part }) => {
      const first = cues.findIndex((cue) => isWork(cue) && cue.doing?.part === part.id);
      return first > 0 && isWork(cues[first - 1]!);
    })
    .map(({ beat, part, move }) => ({
      place: { beatId: beat.id, part: part.id },
      severity: 'mend',
      params: { name: part.guise.name || move.name },
      fix: (now) =>
        changeBeat(now, beat.id, (one) => (isLed(one) ? { ...one, led: 'show, then do' } : one)),
    }));
}
