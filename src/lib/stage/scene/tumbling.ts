/** When a die that falls turns to another face, in milliseconds: slower and slower. */
export const TURNS_MS = [0, 110, 230, 370, 540, 760, 1050, 1400] as const;

/** The face that the n-th die shows after so many turns: any but the last, until it lies. */
export function faceAfter(turns: number, last: number, n: number, sides: number): number {
  if (turns >= TURNS_MS.length) return last;
  return ((last + turns * 2 + n * 3) % Math.min(sides, 6)) + 1;
}
