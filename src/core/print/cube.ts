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

function paintFace(sheet: Sheet, face: CubeFace, x: number, y: number): void {
  const { pips, picture, name, kind } = face;
  const s = FACE_MM;
  const [middle, centre] = [x + s / 2, y + s / 2];
  if (!picture) {
    paintPips(sheet, pips, middle, centre, 12);
    return;
  }
  sheet.box(
    { x: x + 2, y: y + 2, width: s - 4, height: s - 4 },
    { fill: sheet.tint(tintOf(kind)) },
    3,
  );
  paintPips(sheet, pips, x + 9, y + 9, 3.2);
  sheet.picture(picture, middle, centre - 1, FACE_PICTURE.wide, FACE_PICTURE.high);
  sheet.text(name, middle, y + s - 8.5, {
    face: 'strong',
    widthMm: s - 8,
    sizeMm: 5,
    leastMm: 2.6,
    mostLines: 2,
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
