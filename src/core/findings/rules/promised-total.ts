import { promisesOf } from '../../document/promised-total';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** "100 moves" is said, and the doses come to something else. */
export function checkPromise({ adventure, schedule }: FindingContext): Seen[] {
  const { reps } = schedule.totals.all;
  const broken = promisesOf(adventure).find(({ total }) => total !== reps);
  if (!broken) return [];
  const { total, beatId } = broken;
  const params = { promised: total, real: reps };
  return [{ place: { ...WHOLE, beatId }, severity: 'mend', params, fix: null }];
}
