import { INK, SOFT_INK } from './inks';
import type { Sheet } from './sheet';

/** Lines to be written on by hand, one below the other, each with a word before it. */
export function paintBlanks(
  sheet: Sheet,
  words: readonly string[],
  x: number,
  y: number,
  width: number,
): void {
  words.forEach((word, n) => {
    const at = y + n * 14;
    sheet.text(word, x, at - 2, {
      widthMm: 24,
      sizeMm: 5,
      leastMm: 3,
      mostLines: 1,
      align: 'left',
      fill: SOFT_INK,
    });
    sheet.line(x + 22, at, x + width, at, { stroke: INK, width: 0.4 });
  });
}
