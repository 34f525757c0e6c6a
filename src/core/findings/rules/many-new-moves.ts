import type { AgeBand } from '../../model/ages';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** Different moves that are shown in one session. Our own judgement, above every session that was led well. */
export const MOST_SHOWN: Readonly<Record<AgeBand, number>> = { '3-4': 16, '5': 20, '6-7': 24 };

/** More moves are shown as new than can be learnt at once. Quick images, which nobody explains, don't count. */
export function checkNewMoves({ schedule, band }: FindingContext): Seen[] {
  const shown = new Set(
    schedule.cues.flatMap(({ kind, doing }) => (kind === 'show' && doing ? [doing.move] : [])),
  );
  const most = MOST_SHOWN[band];
  if (shown.size <= most) return [];
  const params = { count: shown.size, most };
  return [{ place: WHOLE, severity: 'think', params, fix: null }];
}
