import type { Picture } from '../figure/drawing/picture';
import { CUT_INK, INK, tintOf } from './inks';
import { boxesOn } from './paper';
import type { Sheet } from './sheet';

const STICKER_MM = 45;

/** Round stickers, a sheet full: a move of the story and a word of praise. */
export function paintStickers(sheet: Sheet, pictures: readonly Picture[], words: string): void {
  boxesOn(sheet.paper, STICKER_MM, STICKER_MM).forEach(({ x, y, width, height }, n) => {
    const [cx, cy] = [x + width / 2, y + height / 2];
    sheet.circle(cx, cy, STICKER_MM / 2 - 2, { stroke: CUT_INK, width: 0.2 });
    sheet.circle(cx, cy, STICKER_MM / 2 - 4, {
      fill: sheet.tint(tintOf(n)),
      stroke: INK,
      width: 0.5,
    });
    const picture = pictures[n % Math.max(1, pictures.length)];
    if (picture) sheet.picture(picture, cx, cy - 5, 21);
    sheet.text(words, cx, cy + 10, {
      face: 'strong',
      widthMm: 26,
      sizeMm: 4,
      leastMm: 2.2,
      mostLines: 2,
    });
  });
}
