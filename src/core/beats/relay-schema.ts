import { z } from 'zod';
import { stationSchema } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { lineSchema } from '../model/text';
import { ledBase } from './beat-base';

export const MOST_THINGS = 200;
export const METRES = { least: 1, most: 60 } as const;
export const LIMIT_SECONDS = { least: 5, most: 600 } as const;

/**
 * Things are fetched, or sorted, one at a time until all of them are there: so many, over so many
 * metres, all children at once or so many at a time (`atOnce`), by a set way of travelling.
 */
export const relaySchema = z.strictObject({
  ...ledBase('relay'),
  say: lineSchema,
  thing: z.string().max(60),
  things: z.int().min(1).max(MOST_THINGS),
  metres: z.number().min(METRES.least).max(METRES.most),
  /** How many children are on their way at a time; null for all of the group. */
  atOnce: z.int().min(1).max(60).nullable(),
  travel: stationSchema,
  /** By the clock: it ends then, all there or not; null until all are there. */
  limitSeconds: z.int().min(LIMIT_SECONDS.least).max(LIMIT_SECONDS.most).nullable(),
  /** Start over if one is missed, or dropped. */
  startOver: z.boolean(),
});
export type Relay = DeepReadonly<z.infer<typeof relaySchema>>;
