import { z } from 'zod';
import { paceSchema } from '../cues/pace';
import type { DeepReadonly } from '../model/deep-readonly';

/** Longest recording that is reviewed, in seconds: four hours. */
const MOST_RECORDED_SECONDS = 4 * 3600;
const MOST_LINES = 60_000;
const MOST_ROWS = 5000;

const seconds = z
  .number()
  .min(0)
  .max(MOST_RECORDED_SECONDS + 60);
const short = z.string().max(600);
const amount = z.number().min(0).max(100_000);

const LED_STATES = ['led', 'left out', 'twice', 'out of order'] as const;
export type LedState = (typeof LED_STATES)[number];

/**
 * What became of a beat, or of one part of it in one round. Seconds are those of the recording; what was
 * left out has the moment at which it would have come. `confidence` is 0 to 1, `round` counted from 1.
 */
const foundBeatSchema = z.strictObject({
  beatId: z.string().max(80),
  part: z.string().max(80).optional(),
  round: z.int().min(0).max(2000).optional(),
  label: short,
  startSeconds: seconds,
  endSeconds: seconds,
  confidence: z.number().min(0).max(1),
  state: z.enum(LED_STATES),
});
export type FoundBeat = DeepReadonly<z.infer<typeof foundBeatSchema>>;

/** One set as it was to be counted, and as it was: null where nobody counted aloud. */
const countedSetSchema = z.strictObject({
  beatId: z.string().max(80),
  part: z.string().max(80),
  move: z.string().max(80),
  name: short,
  round: z.int().min(0).max(2000),
  set: z.int().min(0).max(2000),
  side: z.enum(['left', 'right', 'any']),
  planned: amount,
  counted: amount.nullable(),
  startSeconds: seconds,
  secondsPerCount: z.number().min(0).max(600).nullable(),
});
export type CountedSet = DeepReadonly<z.infer<typeof countedSetSchema>>;

export const MOMENT_KINDS = [
  'left out',
  'twice',
  'out of order',
  'count',
  'too short',
  'sets',
  'one side',
  'long talk',
] as const;

/** Something to cut, to film again or to think about, with its time in the recording. */
const reviewMomentSchema = z.strictObject({
  kind: z.enum(MOMENT_KINDS),
  startSeconds: seconds,
  endSeconds: seconds,
  beatId: z.string().max(80),
  label: short,
  planned: amount.nullable(),
  real: amount.nullable(),
});
export type ReviewMoment = DeepReadonly<z.infer<typeof reviewMomentSchema>>;

const wordsPerMinute = z.number().min(0).max(2000).nullable();

/** Words a minute while talking, whole and by chapter; seconds a rep by move, as counted aloud; a throw's
 * seconds, by the presenter and by a child. Null where nothing tells. */
const realPaceSchema = z.strictObject({
  wordsPerMinute,
  byChapter: z.record(z.string(), wordsPerMinute),
  secondsPerRep: z.record(z.string(), z.number().min(0).max(600)),
  throwSeconds: z.number().min(0).max(120).nullable(),
  childThrowSeconds: z.number().min(0).max(120).nullable(),
  /** What makes up the rest: silent change-overs, and times of the usual that uncounted moves took. */
  changeSeconds: z.number().min(0).max(60).nullable(),
  allReps: z.number().min(0.1).max(10),
  /** Times of the usual that showing a new move took, where no words for it are written. */
  showTimes: z.number().min(0.1).max(10).nullable(),
  plannedSeconds: amount,
  realSeconds: amount,
});
export type RealPace = DeepReadonly<z.infer<typeof realPaceSchema>>;

const share = z.number().min(0).max(1);

/** How a recording was spent: shares of its length, and seconds. */
const sharesSchema = z.strictObject({
  moving: share,
  talking: share,
  /** The same by the plan: its lane of doing, and its lane of saying. */
  plannedMoving: share,
  plannedTalking: share,
  /** Longest stretch in which nobody moves, and when it begins. */
  longestStillSeconds: seconds,
  longestStillAt: seconds,
  leftSeconds: seconds,
  rightSeconds: seconds,
});
export type Shares = DeepReadonly<z.infer<typeof sharesSchema>>;

/** A line of captions: its words may have times of their own, as many as the text has words. */
const captionLineSchema = z.strictObject({
  startSeconds: seconds,
  endSeconds: seconds,
  text: z.string().max(20_000),
  wordSeconds: z.array(seconds).max(5000).nullable(),
});
export type CaptionLine = DeepReadonly<z.infer<typeof captionLineSchema>>;

/** Where something was set by hand: when it begins, in seconds, or that it was left out. */
const pinSchema = z.union([seconds, z.literal('left out')]);
export type Pin = z.infer<typeof pinSchema>;

/** What a recording told of a session, and what it was told by. */
export const reviewedSchema = z.strictObject({
  recording: z.string().max(300),
  /** Of the script as it was: a changed one can't be laid along anew. */
  scriptChecksum: z.string().max(80),
  /** The pace that the plan was made in: it stays what it was. */
  plannedPace: paceSchema,
  /** What came from the devices is known from the session on the Stage. */
  drawsKnown: z.boolean(),
  seconds,
  lines: z.array(captionLineSchema).max(MOST_LINES),
  /** When somebody speaks, as it was heard in the sound: from, to. */
  voices: z
    .array(z.tuple([seconds, seconds]))
    .max(MOST_LINES)
    .nullable(),
  pins: z.record(z.string(), pinSchema),
  beats: z.array(foundBeatSchema).max(MOST_ROWS),
  counts: z.array(countedSetSchema).max(MOST_ROWS),
  moments: z.array(reviewMomentSchema).max(MOST_ROWS),
  pace: realPaceSchema,
  shares: sharesSchema,
});
export type Reviewed = DeepReadonly<z.infer<typeof reviewedSchema>>;
