import { INK, tintOf } from '../inks';
import type { Sheet } from '../sheet';

/** A left sole, its heel at 0 and its toes at 1, seen from above. */
const SOLE =
  'M-.02 .02C-.15 .02 -.19 .12 -.17 .24C-.15 .36 -.13 .42 -.16 .54C-.2 .68 -.22 .8 -.13 .9C-.05 1 .1 1.01 .17 .92C.24 .82 .2 .66 .15 .54C.12 .44 .13 .36 .14 .24C.15 .1 .1 .02 -.02 .02Z';
/** A child of five has feet of about 17 cm; from memory. */
const FOOT_MM = 170;
const ARROWS = {
  ahead: 'M0 -1L.62 -.2H.26V.9H-.26V-.2H-.62Z',
  turn: 'M-.75 .9V-.1C-.75 -.55 -.45 -.72 -.1 -.72H.2V-1.05L.85 -.45L.2 .15V-.2H-.05C-.18 -.2 -.24 -.14 -.24 .02V.9Z',
} as const;

/** The same path, mirrored: every x the other way round. */
const mirrored = (d: string) =>
  d.replace(
    /(-?\d*\.?\d+)([ ,])(-?\d*\.?\d+)/gu,
    (_, x: string, gap: string, y: string) => `${-Number(x)}${gap}${y}`,
  );
/** Heel down: a sheet's y grows downwards. */
const upright = (d: string) =>
  d.replace(
    /(-?\d*\.?\d+)([ ,])(-?\d*\.?\d+)/gu,
    (_, x: string, gap: string, y: string) => `${x}${gap}${0.5 - Number(y)}`,
  );

/** A pair of footprints in the size of life, an arrow ahead and one to turn, to lay on the floor. */
export function footprints(newSheet: () => Sheet): readonly Sheet[] {
  const feet = newSheet();
  const { widthMm, heightMm } = feet.size;
  const look = (sheet: Sheet, n: number) => ({
    fill: sheet.tint(tintOf(n)),
    stroke: INK,
    width: 1,
  });
  feet.pathIn(upright(SOLE), widthMm * 0.27, heightMm / 2, FOOT_MM, look(feet, 1));
  feet.pathIn(upright(mirrored(SOLE)), widthMm * 0.73, heightMm / 2, FOOT_MM, look(feet, 3));
  for (const [x, word] of [
    [0.27, 'left'],
    [0.73, 'right'],
  ] as const) {
    feet.text(word, widthMm * x, heightMm / 2 + FOOT_MM / 2 + 18, {
      face: 'heading',
      widthMm: 80,
      sizeMm: 14,
      leastMm: 8,
      mostLines: 1,
    });
  }
  const arrows = (['ahead', 'turn'] as const).map((which, n) => {
    const sheet = newSheet();
    sheet.pathIn(ARROWS[which], widthMm / 2, heightMm / 2, 95, look(sheet, n));
    return sheet;
  });
  return [feet, ...arrows];
}
