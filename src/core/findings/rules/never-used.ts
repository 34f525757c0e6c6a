import type { Region } from '../../model/move';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** Shorter sessions need not move everything. Our own judgement. */
const LONG_ENOUGH_SECONDS = 300;
/** Every session of some length moves these. Our own judgement. */
const EXPECTED: readonly Region[] = ['legs', 'tummy', 'back', 'arms', 'shoulders'];

/** A part of the body that never gets a turn in a session of five minutes or more. */
export function checkNeverUsed({ schedule }: FindingContext): Seen[] {
  if (schedule.totalSeconds < LONG_ENOUGH_SECONDS || schedule.totals.byMove.size === 0) return [];
  const missing = EXPECTED.filter((region) => !schedule.totals.byRegion.has(region));
  if (missing.length === 0) return [];
  return [{ place: WHOLE, severity: 'think', params: { regions: missing.join(', ') }, fix: null }];
}
