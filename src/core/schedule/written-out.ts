import { isLed, partsOfBeat, type Beat } from '../beats';
import type { Chapter } from '../document/adventure';
import { remember } from '../words/remember';

/** Something is said before it. What is said meanwhile never moves the work. */
function isExplained(beat: Beat): boolean {
  const say = 'say' in beat && beat.say.trim() !== '';
  return say || partsOfBeat(beat).some(({ guise }) => guise.line.trim() !== '');
}

/**
 * Whether a chapter has written down what is said: at least half of what is led in it is explained, or
 * stands after a line. Then a move without words is one to which nothing is said, and not one
 * whose words are still to come.
 */
export const isWrittenOut = remember(({ beats }: Chapter): boolean => {
  const led = beats.filter(isLed);
  const worded = beats.filter(
    (beat, n) => isLed(beat) && (isExplained(beat) || beats[n - 1]?.kind === 'tell'),
  );
  return led.length > 0 && worded.length * 2 >= led.length;
});
