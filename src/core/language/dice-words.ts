import { wordsToDigits } from '../words/numbers';

/** Several dice that are thrown at once and added up, two to four, as a piece of a pattern. */
export const SEVERAL_DICE = '(?:two|three|four|[2-4]) dice';

/** How many dice a line speaks of by its first word: "three dice" gives 3, "die" and "dice" one. */
export function diceRead(words: string): number {
  const [count] = wordsToDigits(words.trim().toLowerCase().split(/\s+/u));
  return Number(count) || 1;
}
