import type { Box } from './paper';

/** Two rows of five: fives and tens are seen without counting. */
const FRAME = { across: 5, down: 2 } as const;
export const IN_FRAME = FRAME.across * FRAME.down;

/** How wide and how high a frame with boxes of this size is. */
export const frameSize = (boxMm: number) => ({
  width: FRAME.across * boxMm,
  height: FRAME.down * boxMm,
});

/** The ten boxes of a frame, from its upper left corner, row by row. */
export function tenFrame(x: number, y: number, boxMm: number): readonly Box[] {
  return Array.from({ length: IN_FRAME }, (_, n) => ({
    x: x + (n % FRAME.across) * boxMm,
    y: y + Math.floor(n / FRAME.across) * boxMm,
    width: boxMm,
    height: boxMm,
  }));
}
