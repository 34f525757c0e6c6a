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

const on = (cx: number, cy: number, r: number, turn: number) =>
  [cx + r * Math.sin(turn * 2 * Math.PI), cy - r * Math.cos(turn * 2 * Math.PI)] as const;

/** Each sector as wide as its weight, its picture outside and its name within. */
export function drawWheel(sheet: Sheet, sectors: readonly Sector[], title: string): void {
  const [cx, cy] = [sheet.size.widthMm / 2, sheet.size.heightMm / 2 + 6];
  const all = sectors.reduce((sum, { weight }) => sum + weight, 0);
  let turn = 0;
  sectors.forEach(({ name, picture, strip, weight }, n) => {
    const share = all > 0 ? weight / all : 1 / sectors.length;
    if (share === 0) return;
    const [x1, y1] = on(cx, cy, RADIUS_MM, turn);
    const [x2, y2] = on(cx, cy, RADIUS_MM, turn + share);
    const look = { fill: sheet.tint(tintOf(n)), stroke: INK, width: 0.4 };
    if (share > 0.999) sheet.circle(cx, cy, RADIUS_MM, look);
    else {
      const large = share > 0.5 ? 1 : 0;
      sheet.path(
        `M${cx} ${cy}L${x1} ${y1}A${RADIUS_MM} ${RADIUS_MM} 0 ${large} 1 ${x2} ${y2}Z`,
        look,
      );
    }
    const middle = turn + share / 2;
    const chord = (r: number) => 2 * r * Math.sin(Math.PI * Math.min(share, 0.45));
    const [px, py] = on(cx, cy, RADIUS_MM * 0.72, middle);
    const size = Math.min(38, chord(RADIUS_MM * 0.78) * 0.62);
    const wide = chord(RADIUS_MM * 0.74) * 0.72;
    if (wide > size * 1.7) sheet.picture(strip, px, py, Math.min(wide, 40), size);
    else sheet.picture(picture, px, py, size);
    // Between the hub and the picture, and no wider than the sector is there.
    const at = RADIUS_MM * 0.32;
    const [tx, ty] = on(cx, cy, at, middle);
    sheet.text(name, tx, ty, {
      face: 'strong',
      widthMm: Math.max(12, Math.min(2 * (RADIUS_MM * 0.72 - size / 2 - at), chord(at) * 0.9)),
      sizeMm: 6,
      leastMm: 2.4,
      mostLines: 3,
    });
    turn += share;
  });
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
export function drawWheelBase(sheet: Sheet): void {
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
    { fill: sheet.tint(INK), stroke: INK, width: 0.8 },
  );
  sheet.text(
    'The board. Push a paper fastener through both middles, not too tight. The black mark says where it has stopped.',
    cx,
    16,
    { widthMm: 170, sizeMm: 5, leastMm: 3, mostLines: 2, fill: SOFT_INK },
  );
}
