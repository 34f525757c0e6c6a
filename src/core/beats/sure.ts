import type { Reading } from './readings';

/** Below this a reading of a line is not sure. Our own judgement. */
const SURE = 0.7;

/** It is plain what a line is, or nothing else is near; and a file can hold what it asks for. Apart, because a reader is large. */
export function isSure({
  score,
  held,
  others,
}: Pick<Reading, 'score' | 'held'> & { others: readonly Reading[] }): boolean {
  return held.length === 0 && (score >= SURE || others.length === 0);
}
