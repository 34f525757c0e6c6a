/** Hues of sectors, suits and spots, of our own palette; the number beside each is never missing. */
const HUES = ['adventure', 'welcome', 'warm-up', 'cool-down', 'calm', 'goodbye'] as const;

export const sectorHueName = (index: number) => HUES[index % HUES.length]!;

export const sectorHue = (index: number): string => `var(--${sectorHueName(index)})`;
