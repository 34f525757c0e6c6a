import type { Ages } from '../model/ages';

/** Which way the work is to go at the same length. */
export const MOODS = ['gentler', 'livelier'] as const;
export type Mood = (typeof MOODS)[number];

/**
 * What the session is to come to: a length in seconds, a number of counted moves, doses and moves
 * for other ages, or more or less strain, at the length that it has.
 */
export type FitTarget = Readonly<
  { seconds: number } | { reps: number } | { ages: Ages } | { mood: Mood }
>;
