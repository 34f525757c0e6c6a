import { moveIn } from '../../moves/move-book';
import { postureSeconds } from '../../cues/timing';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** Times down or up in a session before it is said, and the share a minute. Our own judgement. */
const MOST_TIMES = 8;
const MOST_A_MINUTE = 1;

/** Down to the floor and up again too often: it eats time and breath. */
export function checkUpsAndDowns({ work, book, schedule }: FindingContext): Seen[] {
  let times = 0;
  let before: ReturnType<typeof moveIn>['posture'] = 'standing';
  for (const { doing } of work) {
    if (!doing) continue;
    const { posture } = moveIn(book, doing.move);
    if (postureSeconds(before, posture) > 0) times += 1;
    before = posture;
  }
  const most = Math.max(MOST_TIMES, (schedule.totalSeconds / 60) * MOST_A_MINUTE);
  if (times <= most) return [];
  return [{ place: WHOLE, severity: 'think', params: { times }, fix: null }];
}
