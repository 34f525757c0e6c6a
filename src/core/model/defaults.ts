import { z } from 'zod';

/** When moves are shown: each just before it, all of them first, or not at all. */
export const SHOWINGS = ['each', 'first', 'none'] as const;
export type Showing = (typeof SHOWINGS)[number];

/** "3-2-1-go". Common practice: 3-4 s. */
export const COUNT_IN_SECONDS = 3;

/** What the presenter usually does; a new beat starts with it. */
export const defaultsSchema = z.strictObject({
  show: z.enum(SHOWINGS),
  countInSeconds: z.number().min(0).max(10),
});
export type Defaults = Readonly<z.infer<typeof defaultsSchema>>;
