import { SOFT_INK } from '../inks';
import type { Sheet } from '../sheet';

/** How far down a page with a title begins, in millimetres. */
export const BELOW_TITLE = 34;

/** The title of a page for children, and a line for whoever prepares it. */
export function paintTitle(sheet: Sheet, title: string, how = ''): void {
  const { widthMm } = sheet.size;
  const look = { widthMm: widthMm - 30, mostLines: 1 } as const;
  sheet.text(title, widthMm / 2, 15, { ...look, face: 'heading', sizeMm: 9, leastMm: 5 });
  if (how) sheet.text(how, widthMm / 2, 25, { ...look, sizeMm: 4.5, leastMm: 3, fill: SOFT_INK });
}
