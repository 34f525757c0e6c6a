import { wheelSectors } from '../devices/shapes/wheel-shape';
import type { Picture } from '../figure/drawing/picture';
import { CUT_INK, INK, SOFT_INK, tintOf } from './inks';
import type { Sheet } from './sheet';

export type Sector = Readonly<{
  name: string;
  picture: Picture;
  /** Several poses, for a sector that is wide enough. */
  strip: Picture;
  weight: number;
}>;

const RADIUS_MM = 88;

/** The wheel on paper: each sector as wide as its weight, its picture outside, its name within. */
export function paintWheel(sheet: Sheet, sectors: readonly Sector[], title: string): void {
  const [cx, cy] = [sheet.size.widthMm / 2, sheet.size.heightMm / 2 + 6];
  const mm = (radii: number) => radii * RADIUS_MM;
  for (const { index, path, turn, isWide, upright } of wheelSectors(
    sectors.map(({ weight }) => weight),
  )) {
    const sector = sectors[index]!;
    const { picture, name } = upright;
    // The outline is in radii: it is put on the sheet as it is, and stretched there.
    const look = { fill: sheet.tint(tintOf(index)), stroke: INK, width: 0.4 };
    sheet.pathIn(path, cx, cy, RADIUS_MM, look);
    // It stands upright where the mark is, at the top: there it is looked at.
    sheet.turned(360 * turn, cx, cy, () => {
      const shown = isWide ? sector.strip : sector.picture;
      sheet.picture(shown, cx, cy + mm(picture.y), mm(picture.width), mm(picture.height));
      sheet.text(sector.name, cx, cy + mm(name.y), {
        face: 'strong',
        widthMm: mm(name.width),
        sizeMm: 6,
        leastMm: 2.4,
        mostLines: 3,
      });
    });
  }
  sheet.circle(cx, cy, 3, { fill: '#ffffff', stroke: INK, width: 0.4 });
  sheet.text(title, cx, 12, { face: 'heading', widthMm: 180, sizeMm: 8, leastMm: 4, mostLines: 1 });
  sheet.text('Cut the wheel out and glue it to card.', cx, 22, {
    widthMm: 180,
    sizeMm: 5,
    leastMm: 3,
    mostLines: 1,
    fill: SOFT_INK,
  });
}

/** The board under the wheel, with the mark that says where it has stopped. */
export function paintWheelBase(sheet: Sheet): void {
  const [cx, cy] = [sheet.size.widthMm / 2, sheet.size.heightMm / 2 + 12];
  const half = RADIUS_MM + 8;
  sheet.box(
    { x: cx - half, y: cy - half - 10, width: 2 * half, height: 2 * half + 10 },
    { stroke: CUT_INK, width: 0.3 },
    4,
  );
  sheet.circle(cx, cy, RADIUS_MM + 1, { stroke: CUT_INK, width: 0.3, dash: '2 2' });
  sheet.circle(cx, cy, 3, { stroke: INK, width: 0.4 });
  const tip = cy - RADIUS_MM - 2;
  sheet.polygon(
    [
      [cx, tip],
      [cx - 9, tip - 14],
      [cx + 9, tip - 14],
    ],
    { fill: INK, stroke: INK, width: 0.8 },
  );
  sheet.text(
    'The board. Push a paper fastener through both middles, not too tight. The black mark says where it has stopped.',
    cx,
    16,
    { widthMm: 170, sizeMm: 5, leastMm: 3, mostLines: 2, fill: SOFT_INK },
  );
}
