import { countWords } from '../words/count-words';
import { WORDS_PER_MINUTE, type Pace } from './pace';
import { TIMINGS } from './timing';

/** How many times a text asks something: each is waited for. */
export function questionsIn(text: string): number {
  return text.match(/[\p{L}\p{N}][”"’')]*\?/gu)?.length ?? 0;
}

/** Seconds to say words one after another, with the wait after each question; nothing else. */
export function plainSpeechSeconds(text: string, pace: Pace): number {
  const words = (countWords(text) * 60) / (pace.wordsPerMinute ?? WORDS_PER_MINUTE);
  return words + questionsIn(text) * TIMINGS.questionWait.usual;
}

/** Seconds to say `text` at the presenter's pace, its questions answered; 0 if there is nothing to say. */
export function speechSeconds(text: string, pace: Pace): number {
  if (countWords(text) === 0) return 0;
  return Math.max(TIMINGS.shortestLine.usual, plainSpeechSeconds(text, pace));
}
