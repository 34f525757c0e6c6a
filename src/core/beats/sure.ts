import type { Reading } from './readings';

/** Below this a reading of a line is not sure. Our own judgement. */
const SURE = 0.7;

/** It is plain what a line is, or nothing else is near. Apart, because a reader is large. */
export function isSure({
  score,
  others,
}: Pick<Reading, 'score'> & { others: readonly Reading[] }): boolean {
  return score >= SURE || others.length === 0;
}
