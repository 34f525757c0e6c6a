import type { Draw, LookChoice, MoveBook } from '$core';
import { cubicOut } from 'svelte/easing';
import { sectorHueName } from '$lib/chance/sector-look';
import { middleOf, type Box, type Brush, type FilmPaints } from './brush';

/** What things are painted with; `fallSeconds` is how long it has been falling, null where it lies. */
export type ThingScene = Readonly<{
  brush: Brush;
  paints: FilmPaints;
  beat: Draw;
  book: MoveBook;
  look: LookChoice;
  fallSeconds: number | null;
}>;

/** How far a fall of so many seconds is, 0 to 1, slower and slower. */
export const fallen = (seconds: number | null, all: number, ease = cubicOut) =>
  seconds === null ? 1 : ease(Math.min(1, seconds / all));

export const hue = (paints: FilmPaints, index: number) => paints[sectorHueName(index)];

/** Runs `paint` with the middle of a box at 0, turned, moved and scaled. */
export function turned(
  brush: Brush,
  box: Box,
  { turn = 0, x = 0, y = 0, wide = 1, high = wide }: Partial<Record<string, number>>,
  paint: (at: Box) => void,
): void {
  const [mx, my] = middleOf(box);
  brush.save();
  brush.translate(mx + x, my + y);
  brush.rotate(turn);
  brush.scale(wide, high);
  paint({ x: -box.width / 2, y: -box.height / 2, width: box.width, height: box.height });
  brush.restore();
}

export const DEGREE = Math.PI / 180;
