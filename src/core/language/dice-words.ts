const SEVERAL = ['two', 'three', 'four'];

/** Several dice that are thrown at once and added up, two to four, as a piece of a pattern. */
export const SEVERAL_DICE = `(?:${SEVERAL.join('|')}|[2-4]) dice`;

/** How many dice a line speaks of by its first word: "three dice" gives 3, "die" and "dice" one. */
export function diceRead(words: string): number {
  const [count] = words.toLowerCase().split(' ');
  return Number(count) || SEVERAL.indexOf(count!) + 2;
}
