import { INK, namedColour, tintOf } from './inks';
import { shapesFor, SPOT_OUTLINES } from '../devices/shapes/spot-shapes';
import type { Sheet } from './sheet';

/** A place to run to: shape, colour and word on half a sheet each, to lie on the floor. */
export function paintSpotSigns(names: readonly string[], newSheet: () => Sheet): readonly Sheet[] {
  const sheets: Sheet[] = [];
  const shapes = shapesFor(names);
  names.forEach((name, n) => {
    if (n % 2 === 0) sheets.push(newSheet());
    const sheet = sheets.at(-1)!;
    const { widthMm, heightMm } = sheet.size;
    const top = n % 2 === 0 ? 0 : heightMm / 2;
    const fill = sheet.tint(namedColour(name) ?? tintOf(n));
    const outline = SPOT_OUTLINES[shapes[n]!];
    sheet.pathIn(outline, widthMm / 2, top + heightMm * 0.21, 42, {
      fill,
      stroke: INK,
      width: 1.2,
    });
    sheet.text(name, widthMm / 2, top + heightMm * 0.425, {
      face: 'heading',
      widthMm: widthMm - 40,
      sizeMm: 18,
      leastMm: 5,
      mostLines: 2,
    });
    if (n % 2 === 1) {
      sheet.line(8, heightMm / 2, widthMm - 8, heightMm / 2, {
        stroke: INK,
        width: 0.2,
        dash: '2 2',
      });
    }
  });
  return sheets;
}
