import type { InSquare } from './pips';

/** A place on the net, in faces from its upper left corner. */
export type OnNet = readonly [x: number, y: number];

/** A face of the cube and where its upper left corner is; a tab is an outline. */
export type NetFace = Readonly<{ pips: number; at: OnNet }>;
export type CubeNet = Readonly<{
  columns: number;
  rows: number;
  faces: readonly NetFace[];
  tabs: readonly (readonly OnNet[])[];
}>;

/** How wide a tab is, and by how much it narrows so that it does not show at the edge, in faces. */
const TAB = 0.22;
const SLANT = 0.14;

/** Where each face lies, 1 to 6: a strip of four, an arm to each side. */
const PLACES: readonly OnNet[] = [
  [1, 0],
  [1, 1],
  [0, 1],
  [2, 1],
  [1, 3],
  [1, 2],
];

type Edge = 'top' | 'bottom' | 'left' | 'right';
/** One of each two edges that meet has a tab. */
const TABS: readonly (readonly [pips: number, edge: Edge])[] = [
  [1, 'top'],
  [3, 'top'],
  [4, 'top'],
  [3, 'bottom'],
  [4, 'bottom'],
  [5, 'left'],
  [5, 'right'],
];

/** From one corner of the edge, out, and back to the other, in a face with its corner at 0. */
const OUTLINES: Readonly<Record<Edge, readonly InSquare[]>> = {
  top: [
    [0, 0],
    [SLANT, -TAB],
    [1 - SLANT, -TAB],
    [1, 0],
  ],
  bottom: [
    [0, 1],
    [SLANT, 1 + TAB],
    [1 - SLANT, 1 + TAB],
    [1, 1],
  ],
  left: [
    [0, 0],
    [-TAB, SLANT],
    [-TAB, 1 - SLANT],
    [0, 1],
  ],
  right: [
    [1, 0],
    [1 + TAB, SLANT],
    [1 + TAB, 1 - SLANT],
    [1, 1],
  ],
};

/**
 * The net of a cube: opposite faces of the strip are two apart, the arms are opposite each other, so
 * that 1 and 6, 2 and 5, 3 and 4 add up to seven. `lying` has the strip of four from left to right.
 */
export function cubeNet(lying = false): CubeNet {
  const turn = ([x, y]: OnNet): OnNet => (lying ? [y, x] : [x, y]);
  return {
    columns: lying ? 4 : 3,
    rows: lying ? 3 : 4,
    faces: PLACES.map((at, n) => ({ pips: n + 1, at: turn(at) })),
    tabs: TABS.map(([pips, edge]) => {
      const [left, top] = PLACES[pips - 1]!;
      return OUTLINES[edge].map(([x, y]) => turn([left + x, top + y]));
    }),
  };
}
