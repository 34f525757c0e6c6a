/** Hues of sectors, suits and spots, of our own palette; the number beside each is never missing. */
const HUES = [
  '--adventure',
  '--welcome',
  '--warm-up',
  '--cool-down',
  '--calm',
  '--goodbye',
] as const;

export function sectorHue(index: number): string {
  return `var(${HUES[index % HUES.length]})`;
}

/** Pips of a face, as places on a grid of three by three, counted from 0. */
const PIPS: Readonly<Record<number, readonly number[]>> = {
  1: [4],
  2: [2, 6],
  3: [2, 4, 6],
  4: [0, 2, 6, 8],
  5: [0, 2, 4, 6, 8],
  6: [0, 2, 3, 5, 6, 8],
};

/** Where the pips of a face are, in a square of side 1; none for a number without pips. */
export function pipsOf(face: number): readonly (readonly [x: number, y: number])[] {
  return (PIPS[face] ?? []).map((at) => [0.24 + (at % 3) * 0.26, 0.24 + Math.floor(at / 3) * 0.26]);
}

/** A sector of a wheel of radius 1 as an SVG path; `from` and `to` are shares of the whole turn. */
export function sectorPath(from: number, to: number): string {
  if (to - from >= 1 - 1e-9) return 'M-1 0A1 1 0 1 1 1 0A1 1 0 1 1-1 0Z';
  const point = (share: number) => {
    const angle = (share - 0.25) * 2 * Math.PI;
    return `${round(Math.cos(angle))} ${round(Math.sin(angle))}`;
  };
  return `M0 0L${point(from)}A1 1 0 ${to - from > 0.5 ? 1 : 0} 1 ${point(to)}Z`;
}

const round = (n: number) => Math.round(n * 1e4) / 1e4;
