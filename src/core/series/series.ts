import { z } from 'zod';
import { debriefSchema } from '../log/run';
import type { DeepReadonly } from '../model/deep-readonly';
import type { DocumentKind } from '../model/document-kind';
import { settingSchema } from '../model/setting';
import { idSchema, shortTextSchema } from '../model/text';
import { isDay } from './days';
import { sessionSumsSchema } from './sums';

/** Most sessions in one series: a school year of one a week, and then some. */
export const MOST_SESSIONS = 120;

const daySchema = z.string().refine(isDay, { error: 'a day that there is' });
const timeSchema = z.string().regex(/^(?:[01]\d|2[0-3]):[0-5]\d$/u);

/**
 * What a session came to, kept beside its adventure: so it keeps its place and its numbers when the script
 * is deleted.
 */
const keptSchema = z.strictObject({ title: shortTextSchema, sums: sessionSumsSchema });

/** A session that was led: its run in the Logbook, and what it came to. */
const ledSchema = z.strictObject({
  runId: z.string().max(80),
  startedAt: z.iso.datetime(),
  sums: sessionSumsSchema,
  debrief: debriefSchema.nullable(),
});

const sessionSchema = z.strictObject({
  id: idSchema('ses'),
  /** The day ("2027-03-02") and the time by the clock on the wall. */
  day: daySchema,
  time: timeSchema,
  /** The adventure that is led; null is a gap that is still to be filled. */
  adventureId: idSchema('adv').nullable(),
  /** Why it falls out: "half term"; empty where it takes place. */
  fallsOut: shortTextSchema,
  /** What happened last time, and what is wanted next: a line for the welcome, one for the goodbye. */
  lastTime: z.string().max(300),
  nextTime: z.string().max(300),
  /** Grows with each change of day, time or whether it takes place: calendars go by it. */
  sequence: z.int().min(0).max(100_000),
  kept: keptSchema.nullable(),
  led: ledSchema.nullable(),
});
export type Session = DeepReadonly<z.infer<typeof sessionSchema>>;

/** An adventure that comes again on purpose: in each session, or in every so many. */
const ritualSchema = z.strictObject({
  adventureId: idSchema('adv'),
  every: z.int().min(1).max(12),
});

/** A session that was taken out of the row after a calendar may have heard of it. */
const removedSchema = z.strictObject({
  id: idSchema('ses'),
  day: daySchema,
  time: timeSchema,
  title: shortTextSchema,
  sequence: z.int().min(0).max(100_000),
});

export const seriesSchema = z.strictObject({
  version: z.literal(1),
  id: idSchema('ser'),
  title: shortTextSchema,
  /** Where, and who: "Marsh school hall", "Tuesday group". */
  place: shortTextSchema,
  group: shortTextSchema,
  /** Room, kit, ages and slot that sessions are chosen for. */
  setting: settingSchema,
  /** Days between one session and the next one that is added. */
  everyDays: z.int().min(1).max(60),
  favourites: z.array(ritualSchema).max(20),
  sessions: z.array(sessionSchema).max(MOST_SESSIONS),
  removed: z.array(removedSchema).max(MOST_SESSIONS),
  /** When it was last changed: ISO 8601 in UTC. */
  savedAt: z.iso.datetime(),
});

/** A named row of sessions. They are in the order of their days. */
export type Series = DeepReadonly<z.infer<typeof seriesSchema>>;

export const SERIES: DocumentKind<Series> = {
  version: 1,
  unnumbered: null,
  migrations: [],
  schema: seriesSchema,
};

/** A session takes place, or is still to be filled: it didn't fall out. */
export function takesPlace({ fallsOut }: Pick<Session, 'fallsOut'>): boolean {
  return fallsOut === '';
}
export function isGap(session: Session): boolean {
  return takesPlace(session) && session.adventureId === null && session.led === null;
}
