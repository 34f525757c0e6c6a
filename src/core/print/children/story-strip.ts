import { titleOf } from '../../document/title';
import { moveBookOf } from '../../moves/move-book';
import { CUT_INK, INK, tintOf } from '../inks';
import { pictureIn, type PartSource } from '../pack-source';
import type { Sheet } from '../sheet';
import { paintTitle } from './page-title';
import { scenesOf, spreadOver } from './scenes';

const [ACROSS, DOWN] = [2, 4];
const TOP = 32;

/** The story in eight pictures, to read along, or to cut out and lay in order. */
export function storyStrip(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const sheet = newSheet();
  const { widthMm, heightMm } = sheet.size;
  paintTitle(
    sheet,
    titleOf(source.adventure),
    'Read it along, or cut the pictures out and lay them in order.',
  );
  const book = moveBookOf(source.adventure);
  const [wide, high] = [(widthMm - 20) / ACROSS, (heightMm - TOP - 10) / DOWN];
  spreadOver(scenesOf(source.adventure), ACROSS * DOWN).forEach(({ done, name, words }, n) => {
    const [x, y] = [10 + (n % ACROSS) * wide, TOP + Math.floor(n / ACROSS) * high];
    sheet.box({ x, y, width: wide, height: high }, { stroke: CUT_INK, width: 0.2 });
    sheet.box(
      { x: x + 3, y: y + 3, width: wide - 6, height: high - 6 },
      { fill: sheet.tint(tintOf(n)), stroke: INK, width: 0.4 },
      3,
    );
    sheet.circle(x + 10, y + 10, 4.5, { fill: '#ffffff', stroke: INK, width: 0.4 });
    sheet.text(String(n + 1), x + 10, y + 10, {
      face: 'strong',
      widthMm: 8,
      sizeMm: 5.5,
      leastMm: 4,
      mostLines: 1,
    });
    const pictureHigh = high - 30;
    sheet.picture(
      pictureIn(source, book, done, 2, (wide - 30) / pictureHigh),
      x + wide / 2 + 4,
      y + 5 + pictureHigh / 2,
      wide - 30,
      pictureHigh,
    );
    sheet.text(name, x + wide / 2, y + high - 20, {
      face: 'heading',
      widthMm: wide - 14,
      sizeMm: 6,
      leastMm: 3.6,
      mostLines: 1,
    });
    if (words)
      sheet.text(words, x + wide / 2, y + high - 11, {
        widthMm: wide - 12,
        sizeMm: 4,
        leastMm: 3,
        mostLines: 2,
      });
  });
  return [sheet];
}
