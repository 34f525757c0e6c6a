/** A place in a square whose middle is at 0 and whose sides are at -1 and 1, y down. */
export type InSquare = readonly [x: number, y: number];

/** Places in a grid of three by three, the middle one at 0. */
const [L, M, R] = [-1, 0, 1];
const PIPS: Readonly<Record<number, readonly InSquare[]>> = {
  1: [[M, M]],
  2: [
    [R, L],
    [L, R],
  ],
  3: [
    [R, L],
    [M, M],
    [L, R],
  ],
  4: [
    [L, L],
    [R, L],
    [L, R],
    [R, R],
  ],
  5: [
    [L, L],
    [R, L],
    [M, M],
    [L, R],
    [R, R],
  ],
  6: [
    [L, L],
    [R, L],
    [L, M],
    [R, M],
    [L, R],
    [R, R],
  ],
};

/** The pips of a face, as places of a grid from -1 to 1; none for a number that has no pips. */
export function pipsOf(face: number): readonly InSquare[] {
  return PIPS[face] ?? [];
}
