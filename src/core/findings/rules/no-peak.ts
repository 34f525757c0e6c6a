import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';
import { LIVELY } from '../in-a-row';

/** Shorter scripts, and those that are calm on purpose, need no peak. */
const LEAST_SECONDS = 360;
const LEAST_WORK_SECONDS = 90;

/** A whole session in which nobody gets out of breath. */
export function checkPeak({ adventure, schedule, work }: FindingContext): Seen[] {
  if (schedule.totalSeconds < LEAST_SECONDS) return [];
  const main = new Set(
    adventure.chapters
      .filter(({ kind }) => kind === 'adventure' || kind === 'game')
      .map(({ id }) => id),
  );
  const own = work.filter(({ chapterId }) => main.has(chapterId));
  const seconds = own.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
  if (seconds < LEAST_WORK_SECONDS || own.some(({ effort }) => effort >= LIVELY)) return [];
  return [{ place: WHOLE, severity: 'think', params: {}, fix: null }];
}
