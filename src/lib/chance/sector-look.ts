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
