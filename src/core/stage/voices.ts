import type { Tick } from './counting';

/** A short tone: its pitch in hertz, its length in seconds, its level from 0 to 1. */
export type Voice = Readonly<{ hertz: number; seconds: number; level: number }>;

/** Pitch and length of each sound: short and woody, so that a voice is heard over them. */
export const VOICES: Readonly<Record<Tick['sound'], Voice>> = {
  count: { hertz: 880, seconds: 0.06, level: 0.5 },
  last: { hertz: 660, seconds: 0.09, level: 0.7 },
  go: { hertz: 1175, seconds: 0.22, level: 0.9 },
  change: { hertz: 523, seconds: 0.35, level: 0.7 },
  call: { hertz: 784, seconds: 0.3, level: 0.5 },
};

/** The tone swells to its level in this time, in seconds, then dies away to the quiet level. */
export const ATTACK_SECONDS = 0.004;
export const QUIET_LEVEL = 0.001;
