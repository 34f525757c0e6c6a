import { z } from 'zod';
import type { DeepReadonly } from '../model/deep-readonly';
import type { DocumentKind } from '../model/document-kind';
import type { Adventure } from '../document/adventure';
import { type Cue, CUE_KINDS, isCountedWork, isOwnWork } from '../cues/cue';
import { countWords } from '../words/count-words';
import { agesSchema } from '../model/ages';
import { reviewedSchema } from './reviewed';
import { adaptationSchema } from '../stage/adaptation';
import { savedLeadingSchema } from '../stage/saved-leading';
import { MOST_TAKES, takeSchema } from '../stage/takes';

/** A cue as it was planned when the session was led: the script may change afterwards. */
const plannedCueSchema = z.strictObject({
  id: z.string(),
  kind: z.enum(CUE_KINDS),
  beatId: z.string(),
  chapterId: z.string(),
  startSeconds: z.number().min(0),
  lengthSeconds: z.number().min(0),
  effort: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)]),
  /** How many words are said in it, and what is counted in it. */
  words: z.int().min(1).max(5000).optional(),
  counts: z.int().min(1).max(5000).optional(),
  /** What one child does in it, and on which side, where it has one. */
  move: z.string().max(80).optional(),
  side: z.enum(['left', 'right']).optional(),
});
export type PlannedCue = DeepReadonly<z.infer<typeof plannedCueSchema>>;

const typedSchema = z.strictObject({
  outcome: z.int().min(0).nullable(),
  number: z.int().min(0).nullable(),
});

/** Three taps afterwards; null for what was not said. */
export const debriefSchema = z.strictObject({
  length: z.enum(['too short', 'right', 'too long']).nullable(),
  effort: z.enum(['too easy', 'right', 'too hard']).nullable(),
  next: z.enum(['keep', 'change']).nullable(),
});
export type Debrief = Readonly<z.infer<typeof debriefSchema>>;
export const NO_DEBRIEF: Debrief = { length: null, effort: null, next: null };

/** The log of one leading. Times of day are ISO 8601 in UTC, given by whoever keeps the log. */
export const runSchema = z.strictObject({
  version: z.literal(4),
  id: z.string().regex(/^run_[A-Za-z0-9-]+$/),
  adventureId: z.string(),
  title: z.string(),
  startedAt: z.iso.datetime(),
  savedAt: z.iso.datetime(),
  slotSeconds: z.number(),
  /** 1 is real time; more is a rehearsal. */
  speed: z.number().min(1).max(60),
  plan: z.array(plannedCueSchema),
  /** What each beat was, in a few words, by its id. */
  labels: z.record(z.string(), z.string()),
  chapters: z.array(z.strictObject({ id: z.string(), kind: z.string(), title: z.string() })),
  leading: savedLeadingSchema,
  note: z.string().max(5000),
  /** What the live draws were made from, and what was typed from real devices, by beat. */
  seed: z.int().min(0).optional(),
  typed: z.record(z.string(), z.array(typedSchema.nullable())).optional(),
  /** What was changed with the children there, in order. */
  adaptations: z.array(adaptationSchema).max(2000).optional(),
  /** Points that were called out, for all together. */
  points: z.int().min(0).max(1_000_000).optional(),
  /** Where they were called out in two teams, those of each. */
  teamPoints: z.tuple([z.int().min(0), z.int().min(0)]).optional(),
  debrief: debriefSchema.optional(),
  /** Takes of a film, in the order in which they were made. */
  takes: z.array(takeSchema).max(MOST_TAKES).optional(),
  /** How long showing a move was planned to take, as times of the usual; 1 where that isn't told. */
  showTimes: z.number().min(0.1).max(10).optional(),
  /** Ages of the group, where they are known. */
  ages: agesSchema.optional(),
  /** Between which lengths eight of ten were expected, before it was led. */
  expected: z
    .strictObject({ lowSeconds: z.number().min(0), highSeconds: z.number().min(0) })
    .optional(),
  /** What a recording of it told: then its times are those of the recording. */
  review: reviewedSchema.optional(),
});
export type Run = DeepReadonly<z.infer<typeof runSchema>>;

/** Until version 3 no recording told how long a move was shown. */
function withoutShowing(run: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const { review } = run as { review?: { pace?: object } };
  return review?.pace
    ? { ...run, review: { ...review, pace: { showTimes: null, ...review.pace } } }
    : { ...run };
}

/** Version 1 had no number. */
export const RUN: DocumentKind<Run> = {
  version: 4,
  unnumbered: 1,
  migrations: [
    { from: 1, migrate: (run) => ({ ...run }) },
    { from: 2, migrate: (run) => ({ ...run }) },
    { from: 3, migrate: withoutShowing },
  ],
  schema: runSchema,
};

export function plannedCues(cues: readonly Cue[]): readonly PlannedCue[] {
  return cues.map((cue) => {
    const { id, kind, beatId, chapterId, startSeconds, lengthSeconds, effort, text, doing } = cue;
    const words = countWords(text);
    return {
      id,
      kind,
      beatId,
      chapterId,
      startSeconds,
      lengthSeconds,
      effort,
      ...(words > 0 ? { words } : {}),
      ...(isCountedWork(cue) && doing ? { counts: Math.round(doing.amount) } : {}),
      ...(isOwnWork(cue) && doing ? { move: doing.move } : {}),
      ...(isOwnWork(cue) && doing && doing.side !== 'any' ? { side: doing.side } : {}),
    };
  });
}

/** The chapters of an adventure as a log keeps them. */
export function chaptersOf(adventure: Adventure): Run['chapters'] {
  return adventure.chapters.map(({ id, kind, title }) => ({ id, kind, title }));
}
