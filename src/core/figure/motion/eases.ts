/** How speed goes from one key pose to the next: gathered, lost, both, or neither. */
export type Ease = 'gathering' | 'losing' | 'smooth' | 'even';

/** The share of the way at a share of the time, both from 0 to 1. */
export const EASES: Readonly<Record<Ease, (t: number) => number>> = {
  gathering: (t) => t * t,
  losing: (t) => 1 - (1 - t) * (1 - t),
  smooth: (t) => t * t * (3 - 2 * t),
  even: (t) => t,
};

/** Up from 0 to 1 at half of the time, and down again. */
export const arch = (t: number): number => 4 * t * (1 - t);
