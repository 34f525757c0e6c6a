import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** Less than this share of the slot is thought about. Our own judgement. */
export const SLOT_FILLED_SHARE = 0.7;

/** The script is longer than the slot, or leaves much of it empty. */
export function checkSlot({ schedule, setting }: FindingContext): Seen[] {
  const { totalSeconds } = schedule;
  const { slotSeconds } = setting;
  const seconds = Math.abs(totalSeconds - slotSeconds);
  if (totalSeconds > slotSeconds) {
    const params = { over: 1, seconds };
    return [{ place: WHOLE, severity: 'mend', params, fix: null }];
  }
  if (totalSeconds >= slotSeconds * SLOT_FILLED_SHARE) return [];
  return [{ place: WHOLE, severity: 'think', params: { over: 0, seconds }, fix: null }];
}
