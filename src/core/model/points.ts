import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';

/**
 * For whom points are counted: for all of them together, for two teams, or by each child against its
 * own best. Children are never set against each other.
 */
export const SCORED = ['together', 'teams', 'yourself'] as const;
export const TEAMS = 2;
export const MOST_WORTH = 4;

/** What points are given for: "an edge" is worth 5, "a tap" 1. */
export const pointsSchema = z.strictObject({
  who: z.enum(SCORED),
  worth: z
    .array(z.strictObject({ what: z.string().min(1).max(40), points: z.int().min(1).max(100) }))
    .min(1)
    .max(MOST_WORTH),
});
export type Points = DeepReadonly<z.infer<typeof pointsSchema>>;
