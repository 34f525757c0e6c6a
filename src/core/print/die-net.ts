import type { Picture } from '../figure/drawing/picture';
import { CUT_INK, INK, SOFT_INK, tintOf } from './inks';
import type { Sheet } from './sheet';

/** The edge of the cube. */
export const FACE_MM = 50;
/** The room for a picture on a face, in millimetres. */
export const FACE_PICTURE = { wide: 42, high: 25 } as const;
const TAB_MM = 11;
/** A tab narrows, so that it does not show at the edge. */
const SLANT_MM = 7;

export type DieFace = Readonly<{
  pips: number;
  picture: Picture | null;
  name: string;
  kind: number;
}>;

/** Where each face lies, in faces from the upper left: a strip of four, an arm to each side. */
const PLACES: readonly (readonly [number, number])[] = [
  [1, 0],
  [1, 1],
  [0, 1],
  [2, 1],
  [1, 3],
  [1, 2],
];

/**
 * The order of the pips is that of the places: opposite faces of the strip are two apart, the arms
 * are opposite each other, so that 1 and 6, 2 and 5, 3 and 4 add up to seven.
 */
export const OPPOSITE_PLACES: readonly (readonly [number, number])[] = [
  [0, 5],
  [1, 4],
  [2, 3],
];

type Edge = 'top' | 'bottom' | 'left' | 'right';
/** One of each two edges that meet has a tab. */
const TABS: readonly (readonly [place: number, edge: Edge])[] = [
  [0, 'top'],
  [2, 'top'],
  [3, 'top'],
  [2, 'bottom'],
  [3, 'bottom'],
  [4, 'left'],
  [4, 'right'],
];

const PIPS: Readonly<Record<number, readonly (readonly [number, number])[]>> = {
  1: [[0, 0]],
  2: [
    [-1, -1],
    [1, 1],
  ],
  3: [
    [-1, -1],
    [0, 0],
    [1, 1],
  ],
  4: [
    [-1, -1],
    [1, -1],
    [-1, 1],
    [1, 1],
  ],
  5: [
    [-1, -1],
    [1, -1],
    [0, 0],
    [-1, 1],
    [1, 1],
  ],
  6: [
    [-1, -1],
    [1, -1],
    [-1, 0],
    [1, 0],
    [-1, 1],
    [1, 1],
  ],
};

function drawTab(sheet: Sheet, x: number, y: number, edge: Edge): void {
  const s = FACE_MM;
  const tab: Record<Edge, readonly (readonly [number, number])[]> = {
    top: [
      [x, y],
      [x + SLANT_MM, y - TAB_MM],
      [x + s - SLANT_MM, y - TAB_MM],
      [x + s, y],
    ],
    bottom: [
      [x, y + s],
      [x + SLANT_MM, y + s + TAB_MM],
      [x + s - SLANT_MM, y + s + TAB_MM],
      [x + s, y + s],
    ],
    left: [
      [x, y],
      [x - TAB_MM, y + SLANT_MM],
      [x - TAB_MM, y + s - SLANT_MM],
      [x, y + s],
    ],
    right: [
      [x + s, y],
      [x + s + TAB_MM, y + SLANT_MM],
      [x + s + TAB_MM, y + s - SLANT_MM],
      [x + s, y + s],
    ],
  };
  sheet.polygon(tab[edge], { stroke: CUT_INK, width: 0.25 });
}

function drawPips(sheet: Sheet, pips: number, x: number, y: number, spread: number): void {
  for (const [dx, dy] of PIPS[pips] ?? []) {
    sheet.circle(x + dx * spread, y + dy * spread, spread * 0.32, {
      fill: sheet.tint(INK),
      stroke: INK,
      width: 0.5,
    });
  }
}

function drawFace(
  sheet: Sheet,
  { pips, picture, name, kind }: DieFace,
  x: number,
  y: number,
): void {
  const s = FACE_MM;
  const [middle, centre] = [x + s / 2, y + s / 2];
  if (!picture) {
    drawPips(sheet, pips, middle, centre, 12);
    return;
  }
  sheet.box(
    { x: x + 2, y: y + 2, width: s - 4, height: s - 4 },
    { fill: sheet.tint(tintOf(kind)) },
    3,
  );
  drawPips(sheet, pips, x + 9, y + 9, 3.2);
  sheet.picture(picture, middle, centre - 1, FACE_PICTURE.wide, FACE_PICTURE.high);
  sheet.text(name, middle, y + s - 8.5, {
    face: 'strong',
    widthMm: s - 8,
    sizeMm: 5,
    leastMm: 2.6,
    mostLines: 2,
  });
}

/** The net of a cube to cut out and glue: six faces, seven tabs, folds dashed. */
export function drawDieNet(sheet: Sheet, faces: readonly DieFace[], title: string): void {
  const { widthMm, heightMm } = sheet.size;
  const left = (widthMm - 3 * FACE_MM) / 2;
  const top = (heightMm - 4 * FACE_MM) / 2 + TAB_MM / 2 + 4;
  const at = (place: number) => {
    const [column, row] = PLACES[place]!;
    return [left + column * FACE_MM, top + row * FACE_MM] as const;
  };
  for (const [place, edge] of TABS) drawTab(sheet, ...at(place), edge);
  faces.slice(0, 6).forEach((face, place) => {
    const [x, y] = at(place);
    sheet.box({ x, y, width: FACE_MM, height: FACE_MM }, { stroke: INK, width: 0.3 });
    drawFace(sheet, face, x, y);
  });
  const look = { sizeMm: 5, leastMm: 3, mostLines: 1 } as const;
  sheet.text(title, widthMm / 2, 9, { ...look, face: 'heading', widthMm: widthMm - 30, sizeMm: 7 });
  sheet.text('Cut along the outside, fold along the lines, glue the seven tabs.', widthMm / 2, 17, {
    ...look,
    widthMm: widthMm - 30,
    fill: SOFT_INK,
  });
}
