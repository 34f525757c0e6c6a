import { countWords } from '../words/count-words';
import type { Pace } from './pace';
import { SHORTEST_LINE_SECONDS } from './timing';

/** Seconds to say `text` at the presenter's pace; 0 if there is nothing to say. */
export function speechSeconds(text: string, pace: Pace): number {
  const words = countWords(text);
  if (words === 0) return 0;
  return Math.max(SHORTEST_LINE_SECONDS, (words * 60) / pace.wordsPerMinute);
}
