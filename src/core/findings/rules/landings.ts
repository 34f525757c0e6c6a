import type { AgeBand } from '../../model/ages';
import { moveIn } from '../../moves/move-book';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** Landings a session before it is said. Our own judgement, from the usual doses of jumps. */
export const MOST_LANDINGS: Readonly<Record<AgeBand, number>> = { '3-4': 60, '5': 120, '6-7': 200 };

/** Running steps come down from hardly any height: they are no take-offs. Our own judgement. */
const RUNNING: ReadonlySet<string> = new Set([
  'jog',
  'fast-feet',
  'cheetah-run',
  'heel-kick',
  'skip',
]);

/** Many landings from jumps for small knees. */
export function checkLandings({ adventure, work, band, book }: FindingContext): Seen[] {
  const landings = work.reduce(
    (sum, { landings: own, doing }) =>
      doing && RUNNING.has(moveIn(book, doing.move).id) ? sum : sum + own,
    0,
  );
  const most = adventure.limits.landings ?? MOST_LANDINGS[band];
  if (landings <= most) return [];
  return [{ place: WHOLE, severity: 'mend', params: { landings, most }, fix: null }];
}
