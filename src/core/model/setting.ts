import { z } from 'zod';
import { agesSchema } from './ages';
import type { DeepReadonly } from './deep-readonly';

export const FLOORS = ['hard', 'carpet', 'sprung', 'mats', 'grass'] as const;
export type Floor = (typeof FLOORS)[number];

const metres = z.number().min(0).max(200);
const fromMiddle = z.number().min(-100).max(100);

/** What stands somewhere in the room: a place that is called, the leader, a camera or a screen. */
export const ROOM_MARKS = ['place', 'leader', 'screen'] as const;

/** A mark put where the presenter wants it, in metres from the middle of the room. */
export const roomMarkSchema = z.strictObject({
  kind: z.enum(ROOM_MARKS),
  /** What is called; empty for the leader and the screen, of which there is one. */
  name: z.string().max(80),
  /** Along the length of the room, and across it, towards the front. */
  xMetres: fromMiddle,
  yMetres: fromMiddle,
});
export type RoomMark = Readonly<z.infer<typeof roomMarkSchema>>;

/** The walls of the room seen from above, the leader at the front. */
export const WALLS = ['front', 'back', 'left', 'right'] as const;
export type Wall = (typeof WALLS)[number];
const strip = z.number().min(0).max(50);

/** Where, with whom and for how long the adventure is led. */
export const settingSchema = z.strictObject({
  ages: agesSchema,
  group: z.int().min(1).max(60),
  grownUps: z.int().min(0).max(30),
  slotSeconds: z.number().min(30).max(7200),
  room: z.strictObject({
    lengthMetres: metres,
    widthMetres: metres,
    heightMetres: metres,
    floor: z.enum(FLOORS),
    /** A stretch of wall with nothing on it, to lean and push against. */
    wallFree: z.boolean(),
    /** How far from each wall nobody goes, in metres: a stage, radiators, chairs. */
    noGoMetres: z.strictObject({ front: strip, back: strip, left: strip, right: strip }),
    /** Where marks were put by hand; the others find their own places. */
    marks: z.array(roomMarkSchema).max(80),
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

/** A room with nothing in it to keep clear of, and no mark put by hand. */
export const BARE = { noGoMetres: { front: 0, back: 0, left: 0, right: 0 }, marks: [] } as const;

/** A quarter of an hour with a dozen fours and fives in a small hall. */
export const DEFAULT_SETTING: Setting = {
  ages: { from: 4, to: 5 },
  group: 12,
  grownUps: 1,
  slotSeconds: 15 * 60,
  room: {
    lengthMetres: 10,
    widthMetres: 8,
    heightMetres: 3,
    floor: 'hard',
    wallFree: true,
    ...BARE,
  },
  kit: [],
  place: 'in the room',
  mirror: null,
};
