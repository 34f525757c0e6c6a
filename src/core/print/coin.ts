import type { Picture } from '../figure/drawing/picture';
import { CUT_INK, INK, SOFT_INK, tintOf } from './inks';
import type { Sheet } from './sheet';

/** About the lid of a large jar. */
const RADIUS_MM = 42;
/** The room for a picture on a side. */
export const COIN_PICTURE = { wide: 58, high: 38, aspect: 58 / 38 } as const;

/** A side of the coin: what it is called, and the move that it means. */
export type CoinSide = Readonly<{ side: string; name: string; picture: Picture | null }>;

/** Both sides of a coin, to be cut out and glued to a lid. */
export function paintCoin(sheet: Sheet, sides: readonly CoinSide[]): void {
  const { widthMm, heightMm } = sheet.size;
  const line = { widthMm: widthMm - 30, leastMm: 3, mostLines: 2 } as const;
  sheet.text('The coin', widthMm / 2, 12, { ...line, face: 'heading', sizeMm: 8 });
  const how = 'Cut out both sides. Glue one to each face of a lid, or of a round of card.';
  sheet.text(how, widthMm / 2, 22, { ...line, sizeMm: 5, fill: SOFT_INK });
  const step = (heightMm - 34) / sides.length;
  sides.forEach(({ side, name, picture }, n) => {
    const [x, y] = [widthMm / 2, 34 + step * (n + 0.5)];
    sheet.circle(x, y, RADIUS_MM, { stroke: CUT_INK, width: 0.25 });
    sheet.circle(x, y, RADIUS_MM - 3, { fill: sheet.tint(tintOf(n)), stroke: INK, width: 0.6 });
    sheet.text(side, x, y - 28, {
      face: 'strong',
      widthMm: 44,
      sizeMm: 6,
      leastMm: 3,
      mostLines: 1,
    });
    if (picture) sheet.picture(picture, x, y - 2, COIN_PICTURE.wide, COIN_PICTURE.high);
    sheet.text(name, x, y + 26, {
      face: 'heading',
      widthMm: 52,
      sizeMm: 7,
      leastMm: 3,
      mostLines: 2,
    });
  });
}
