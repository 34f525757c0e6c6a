import { titleOf } from '../../document/title';
import { moveBookOf } from '../../moves/move-book';
import { INK } from '../inks';
import { pictureIn, type PartSource } from '../pack-source';
import type { Sheet } from '../sheet';
import { paintTitle } from './page-title';
import { scenesOf, spreadOver } from './scenes';

/** A page to colour in: four of the things that were done, in lines, as large as they can be. */
export function colouring(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const sheet = newSheet();
  const { widthMm, heightMm } = sheet.size;
  paintTitle(sheet, titleOf(source.adventure));
  const book = moveBookOf(source.adventure);
  const inLines: PartSource = { ...source, ink: 'saving' };
  const shown = spreadOver(scenesOf(source.adventure), 4);
  const across = shown.length > 2 ? 2 : 1;
  const down = Math.ceil(shown.length / across);
  const [left, top] = [12, 24];
  const [wide, high] = [(widthMm - 2 * left) / across, (heightMm - top - 12) / Math.max(1, down)];
  shown.forEach(({ done, name }, n) => {
    const x = left + ((n % across) + 0.5) * wide;
    const y = top + (Math.floor(n / across) + 0.5) * high;
    const picture = pictureIn(inLines, book, done, 1, (wide - 10) / (high - 30));
    sheet.picture(picture, x, y - 6, wide - 10, high - 30);
    // The ground that they stand on, drawn by hand.
    const ground = y + (high - 30) / 2 - 3;
    sheet.path(
      `M${x - wide * 0.42} ${ground}q${wide * 0.2} ${-2.5} ${wide * 0.42} 0t${wide * 0.42} 0`,
      { stroke: INK, width: 0.6 },
    );
    sheet.text(name, x, y + high / 2 - 9, {
      face: 'heading',
      widthMm: wide - 8,
      sizeMm: 8,
      leastMm: 4,
      mostLines: 1,
    });
  });
  return [sheet];
}
