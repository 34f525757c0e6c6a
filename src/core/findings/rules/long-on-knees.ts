import type { AgeBand } from '../../model/ages';
import { isSoft } from '../../moves/fits-setting';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { workOf, seenAt, stretchesOf } from '../in-a-row';

/** Seconds on the knees before they want to stretch their legs; half on a hard floor. Our own judgement. */
const MOST_SECONDS: Readonly<Record<AgeBand, number>> = { '3-4': 60, '5': 80, '6-7': 120 };
const BETWEEN_SECONDS = 25;

/** They kneel for too long. */
export function checkKnees(context: FindingContext): Seen[] {
  const hard = isSoft(context.setting.room.floor) ? 1 : 2;
  const most = MOST_SECONDS[context.band] / hard;
  return stretchesOf(context.turns, ({ move }) => move.posture === 'kneeling', BETWEEN_SECONDS)
    .filter((stretch) => workOf(stretch) > most)
    .map((stretch) =>
      seenAt(stretch.at(-1)!, 'think', { seconds: Math.round(workOf(stretch)), most }),
    );
}
