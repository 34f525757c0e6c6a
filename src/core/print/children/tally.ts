import { titleOf } from '../../document/title';
import { moveBookOf } from '../../moves/move-book';
import { INK, SOFT_INK } from '../inks';
import { pictureIn, type PartSource } from '../pack-source';
import type { Sheet } from '../sheet';
import { frameSize, tenFrame } from '../ten-frame';
import { paintTitle } from './page-title';
import { scenesOf } from './scenes';

const ROWS = 8;
const TOP = 32;
const BOX_MM = 7;
const TENS = 3;

/** A sheet to tick off how often each was done, by tens, with everybody's together at its foot. */
export function tallySheet(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const sheet = newSheet();
  const { widthMm, heightMm } = sheet.size;
  paintTitle(
    sheet,
    `How many? ${titleOf(source.adventure)}`,
    'A tick for each, or for each ten of them. Count all of them together at the end.',
  );
  const book = moveBookOf(source.adventure);
  const scenes = scenesOf(source.adventure).slice(0, ROWS);
  const high = (heightMm - TOP - 30) / ROWS;
  scenes.forEach(({ done, name }, n) => {
    const middle = TOP + (n + 0.5) * high;
    sheet.picture(pictureIn(source, book, done), 24, middle, 24, high - 5);
    sheet.text(name, 39, middle, {
      face: 'strong',
      widthMm: 38,
      sizeMm: 6,
      leastMm: 3.4,
      mostLines: 2,
      align: 'left',
    });
    const frame = frameSize(BOX_MM);
    for (let ten = 0; ten < TENS; ten += 1) {
      const left = 82 + ten * (frame.width + 4);
      for (const box of tenFrame(left, middle - frame.height / 2, BOX_MM)) {
        sheet.box(box, { stroke: INK, width: 0.4 });
      }
    }
    sheet.line(12, TOP + (n + 1) * high, widthMm - 12, TOP + (n + 1) * high, {
      stroke: SOFT_INK,
      width: 0.2,
    });
  });
  sheet.text('All of us together', 14, heightMm - 16, {
    face: 'heading',
    widthMm: 90,
    sizeMm: 9,
    leastMm: 6,
    mostLines: 1,
    align: 'left',
  });
  sheet.box(
    { x: widthMm - 72, y: heightMm - 26, width: 60, height: 18 },
    { stroke: INK, width: 0.8 },
    3,
  );
  return [sheet];
}
