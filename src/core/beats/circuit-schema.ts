import { z } from 'zod';
import { stationSchema } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { AS_LED, type LedAsSaid } from '../model/led';
import { lineSchema } from '../model/text';
import { ledBase } from './beat-base';

export const MOST_ROUNDS = 20;
export const WORK_RANGE = { least: 5, most: 600 } as const;
const workSeconds = z.number().min(WORK_RANGE.least).max(WORK_RANGE.most);
const restSeconds = z.number().min(0).max(600);

/**
 * Stations x rounds, each `workSeconds` of work and then `restSeconds` of rest. With
 * `drinkBetweenRoundsSeconds` above 0 a drink takes the place of the rest between two rounds.
 */
export const circuitSchema = z.strictObject({
  ...ledBase('circuit'),
  say: lineSchema,
  stations: z.array(stationSchema).max(30),
  rounds: z.int().min(1).max(MOST_ROUNDS),
  workSeconds,
  restSeconds,
  drinkBetweenRoundsSeconds: z.number().min(0).max(600),
  restAfterLast: z.boolean(),
  /** What is another way in a round, from the first on; null is as in all of them. */
  byRound: z
    .array(
      z.strictObject({
        say: lineSchema,
        workSeconds: workSeconds.nullable(),
        restSeconds: restSeconds.nullable(),
      }),
    )
    .max(MOST_ROUNDS),
});
export type Circuit = DeepReadonly<z.infer<typeof circuitSchema>>;

/** How a circuit is led, where nothing is said of it. */
export const BY_THE_CLOCK: LedAsSaid = { ...AS_LED, led: 'by the clock' };
