import type { AgeBand } from '../../model/ages';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** Landings a session before it is said. Our own judgement, from the usual doses of jumps. */
export const MOST_LANDINGS: Readonly<Record<AgeBand, number>> = { '3-4': 60, '5': 120, '6-7': 200 };

/** Many landings for small knees. */
export function checkLandings({ adventure, schedule, band }: FindingContext): Seen[] {
  const { landings } = schedule.totals.all;
  const most = adventure.limits.landings ?? MOST_LANDINGS[band];
  if (landings <= most) return [];
  return [{ place: WHOLE, severity: 'mend', params: { landings, most }, fix: null }];
}
