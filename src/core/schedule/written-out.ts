import { isLed, partsOfBeat, type Beat } from '../beats';
import type { Chapter } from '../document/adventure';

/** Something is said before it. What is said meanwhile never moves the work. */
function isExplained(beat: Beat): boolean {
  const say = 'say' in beat && beat.say.trim() !== '';
  return say || partsOfBeat(beat).some(({ guise }) => guise.line.trim() !== '');
}

const known = new WeakMap<Chapter, boolean>();

/**
 * Whether a chapter has written down what is said: at least half of what is led in it is explained, or
 * stands after a line. Then a move without words is one to which nothing is said, and not one
 * whose words are still to come.
 */
export function isWrittenOut(chapter: Chapter): boolean {
  const before = known.get(chapter);
  if (before !== undefined) return before;
  const { beats } = chapter;
  const led = beats.filter(isLed);
  const worded = beats.filter(
    (beat, n) => isLed(beat) && (isExplained(beat) || beats[n - 1]?.kind === 'tell'),
  );
  const answer = led.length > 0 && worded.length * 2 >= led.length;
  known.set(chapter, answer);
  return answer;
}
