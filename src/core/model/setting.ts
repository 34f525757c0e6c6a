import { z } from 'zod';
import { agesSchema } from './ages';
import type { DeepReadonly } from './deep-readonly';

export const FLOORS = ['hard', 'carpet', 'sprung', 'mats', 'grass'] as const;
export type Floor = (typeof FLOORS)[number];

const metres = z.number().min(0).max(200);

/** Where, with whom and for how long the adventure is led. */
export const settingSchema = z.strictObject({
  ages: agesSchema,
  group: z.int().min(1).max(60),
  slotSeconds: z.number().min(30).max(7200),
  room: z.strictObject({
    lengthMetres: metres,
    widthMetres: metres,
    heightMetres: metres,
    floor: z.enum(FLOORS),
    /** A stretch of wall with nothing on it, to lean and push against. */
    wallFree: z.boolean(),
  }),
  kit: z.array(z.string().min(1).max(80)).max(100),
  place: z.enum(['filmed', 'in the room']),
  /**
   * Facing the children, the leader speaks their side (true) or the leader's own (false). Null
   * while nobody has chosen: it is then led as true, and a finding asks once it matters.
   */
  mirror: z.boolean().nullable(),
});
export type Setting = DeepReadonly<z.infer<typeof settingSchema>>;

/** How many children there are to reckon with: a film is for one at home. */
export function childrenIn({ place, group }: Pick<Setting, 'place' | 'group'>): number {
  return place === 'filmed' ? 1 : group;
}

/** A quarter of an hour with a dozen fours and fives in a small hall. */
export const DEFAULT_SETTING: Setting = {
  ages: { from: 4, to: 5 },
  group: 12,
  slotSeconds: 15 * 60,
  room: { lengthMetres: 10, widthMetres: 8, heightMetres: 3, floor: 'hard', wallFree: true },
  kit: [],
  place: 'in the room',
  mirror: null,
};
