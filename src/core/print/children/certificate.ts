import { titleOf } from '../../document/title';
import { moveBookOf } from '../../moves/move-book';
import { paintBlanks } from '../blanks';
import { INK, SOFT_INK, tintOf } from '../inks';
import { pictureIn, type PartSource } from '../pack-source';
import type { Sheet } from '../sheet';
import { scenesOf, spreadOver } from './scenes';

/** So many things that were done are in the picture. */
const SHOWN = 3;

/** A certificate that says what was done, with room for a name that is written by hand. */
export function certificate(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const sheet = newSheet();
  const { widthMm, heightMm } = sheet.size;
  const middle = widthMm / 2;
  const book = moveBookOf(source.adventure);
  const frame = (edge: number, width: number) =>
    sheet.box(
      { x: edge, y: edge, width: widthMm - 2 * edge, height: heightMm - 2 * edge },
      { stroke: INK, width },
      8,
    );
  frame(12, 1.6);
  frame(15.5, 0.5);
  sheet.text('Well done!', middle, 46, {
    face: 'heading',
    widthMm: 150,
    sizeMm: 24,
    leastMm: 14,
    mostLines: 1,
  });
  const shown = spreadOver(scenesOf(source.adventure), SHOWN);
  const wide = (widthMm - 50) / SHOWN;
  shown.forEach(({ done }, n) => {
    const x = middle + (n - (shown.length - 1) / 2) * wide;
    sheet.circle(x, 104, wide / 2 - 3, { fill: sheet.tint(tintOf(n)), stroke: INK, width: 0.6 });
    sheet.picture(pictureIn(source, book, done), x, 104, wide * 0.62, wide * 0.72);
  });
  sheet.text(source.deed, middle, 162, {
    face: 'heading',
    widthMm: 150,
    sizeMm: 13,
    leastMm: 7,
    mostLines: 2,
  });
  const title = titleOf(source.adventure);
  if (!source.deed.includes(title))
    sheet.text(title, middle, 192, {
      widthMm: 150,
      sizeMm: 6.5,
      leastMm: 4,
      mostLines: 2,
      fill: SOFT_INK,
    });
  paintBlanks(sheet, ['Name', 'Date', 'With'], 25, heightMm - 62, widthMm - 50);
  return [sheet];
}
