import { cubeNet } from '../devices/shapes/cube-net';
import { pipsOf } from '../devices/shapes/pips';
import type { Picture } from '../figure/drawing/picture';
import { CUT_INK, INK, SOFT_INK, tintOf } from './inks';
import type { Sheet } from './sheet';

/** The edge of the cube. */
export const FACE_MM = 50;
/** The room for a picture on a face, in millimetres. */
export const FACE_PICTURE = { wide: 42, high: 25 } as const;

/** What is on a face: its pips, and a move where a face is one. */
export type CubeFace = Readonly<{
  pips: number;
  picture: Picture | null;
  name: string;
  kind: number;
}>;

function paintPips(sheet: Sheet, pips: number, x: number, y: number, spread: number): void {
  for (const [dx, dy] of pipsOf(pips)) {
    sheet.circle(x + dx * spread, y + dy * spread, spread * 0.32, {
      fill: sheet.tint(INK),
      stroke: INK,
      width: 0.5,
    });
  }
}

/** A face of a cube with edges of `edge` millimetres. */
function paintFace(
  sheet: Sheet,
  face: CubeFace,
  x: number,
  y: number,
  edge: number = FACE_MM,
): void {
  const { pips, picture, name, kind } = face;
  // All of it is laid out on the small cube.
  const mm = (small: number) => (small * edge) / FACE_MM;
  const [middle, centre] = [x + edge / 2, y + edge / 2];
  if (!picture) {
    paintPips(sheet, pips, middle, centre, mm(12));
    return;
  }
  sheet.box(
    { x: x + mm(2), y: y + mm(2), width: edge - mm(4), height: edge - mm(4) },
    { fill: sheet.tint(tintOf(kind)) },
    mm(3),
  );
  paintPips(sheet, pips, x + mm(9), y + mm(9), mm(3.2));
  sheet.picture(picture, middle, centre - mm(1), mm(FACE_PICTURE.wide), mm(FACE_PICTURE.high));
  sheet.text(name, middle, y + edge - mm(8.5), {
    face: 'strong',
    widthMm: edge - mm(8),
    sizeMm: mm(5),
    leastMm: mm(2.6),
    mostLines: 2,
  });
}

/** The edge of a large die, to be taped to a box. */
export const BIG_FACE_MM = 150;

/** The faces of a large die, a sheet each. */
export function paintBigFaces(
  faces: readonly CubeFace[],
  title: string,
  newSheet: () => Sheet,
): readonly Sheet[] {
  return faces.map((face, n) => {
    const sheet = newSheet();
    const { widthMm, heightMm } = sheet.size;
    const [x, y] = [(widthMm - BIG_FACE_MM) / 2, (heightMm - BIG_FACE_MM) / 2];
    sheet.box({ x, y, width: BIG_FACE_MM, height: BIG_FACE_MM }, { stroke: CUT_INK, width: 0.3 });
    paintFace(sheet, face, x, y, BIG_FACE_MM);
    const look = { widthMm: widthMm - 30, mostLines: 1, fill: SOFT_INK } as const;
    sheet.text(`${title}, face ${n + 1} of ${faces.length}`, widthMm / 2, 24, {
      ...look,
      sizeMm: 6,
      leastMm: 4,
    });
    sheet.text('Cut it out and tape it to a box with edges of 15 cm.', widthMm / 2, heightMm - 24, {
      ...look,
      sizeMm: 5,
      leastMm: 4,
    });
    return sheet;
  });
}

/** The net of a cube to cut out and glue: six faces, seven tabs. */
export function paintCube(sheet: Sheet, faces: readonly CubeFace[], title: string): void {
  const { widthMm, heightMm } = sheet.size;
  const net = cubeNet();
  const left = (widthMm - net.columns * FACE_MM) / 2;
  // A little lower than the middle: the upper tabs and the title need their room.
  const top = (heightMm - net.rows * FACE_MM) / 2 + 9.5;
  const mm = ([x, y]: readonly [number, number]) =>
    [left + x * FACE_MM, top + y * FACE_MM] as const;
  for (const tab of net.tabs) sheet.polygon(tab.map(mm), { stroke: CUT_INK, width: 0.25 });
  for (const { pips, at } of net.faces) {
    const [x, y] = mm(at);
    sheet.box({ x, y, width: FACE_MM, height: FACE_MM }, { stroke: INK, width: 0.3 });
    paintFace(sheet, faces[pips - 1]!, x, y);
  }
  const look = { sizeMm: 5, leastMm: 3, mostLines: 1 } as const;
  sheet.text(title, widthMm / 2, 9, { ...look, face: 'heading', widthMm: widthMm - 30, sizeMm: 7 });
  sheet.text('Cut along the outside, fold along the lines, glue the seven tabs.', widthMm / 2, 17, {
    ...look,
    widthMm: widthMm - 30,
    fill: SOFT_INK,
  });
}
