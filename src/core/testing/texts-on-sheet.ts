import type { Sheet } from '../print/sheet';

/** Words on a sheet as they are set: where each stretch begins, and how large it is, in millimetres. */
export const textsOnSheet = (sheet: Sheet) =>
  [
    ...sheet
      .toSvg()
      .matchAll(/<text x="([\d.-]+)" y="([\d.-]+)"[^>]*font-size="([\d.]+)"[^>]*>([^<]*)/gu),
  ].map(([, x, y, size, text]) => ({
    x: Number(x),
    y: Number(y),
    size: Number(size),
    text: text!.replace(/&quot;/gu, '"').replace(/&amp;/gu, '&'),
  }));
