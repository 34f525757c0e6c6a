import {
  CAPTION_FORMATS,
  CAREFUL_RUNS,
  drawSchema,
  INKS,
  isDay,
  LENGTH_UNITS,
  LOCAL_TIME,
  MOST_MADE_BY,
  LOOK_CHOICES,
  MAX_CAPTION_CHARACTERS,
  MOODS,
  moveSchema,
  PACK_PARTS,
  USUAL_PARTS,
  paceSchema,
  settingSchema,
  USUAL_SESSIONS,
} from '$core';
import { z } from 'zod';

/** The adventure itself is checked apart, so that older versions are migrated first. */
const adventure = z.unknown();

/** A pace as it was set, or as a review tells it: what a pace does not have is passed over. */
const pace = z.object(paceSchema.shape);

/** `POST /api/schedule`. The seed is for beats that draw; it comes back with the answer. */
export const scheduleRequestSchema = z.strictObject({
  adventure,
  setting: settingSchema.optional(),
  pace: pace.optional(),
  seed: z.int().min(0).max(0xffff_ffff).optional(),
});

/** `POST /api/check`. */
export const checkRequestSchema = z.strictObject({
  adventure,
  setting: settingSchema.optional(),
  pace: pace.optional(),
});

/** `POST /api/fit`: to a length, to a number of counted moves, for other ages, or in a mood. */
export const fitRequestSchema = z.strictObject({
  adventure,
  setting: settingSchema.optional(),
  pace: pace.optional(),
  target: z.union([
    z.strictObject({ seconds: z.number().min(10).max(7200) }),
    z.strictObject({ reps: z.int().min(1).max(5000) }),
    z.strictObject({ ages: settingSchema.shape.ages }),
    z.strictObject({ mood: z.enum(MOODS) }),
  ]),
});

/** `POST /api/odds`: one draw beat, in a setting; `moves` are own moves that it uses. */
export const oddsRequestSchema = z.strictObject({
  beat: drawSchema,
  setting: settingSchema.optional(),
  pace: pace.optional(),
  moves: z.array(moveSchema).max(60).optional(),
  /** How often it is played, where it is too large to be walked. */
  runs: z.int().min(100).max(100_000).default(CAREFUL_RUNS),
});

/** `POST /api/ideas`: moves for lines of story, in a setting or an adventure. */
export const ideasRequestSchema = z.strictObject({
  lines: z.array(z.string().max(2000)).max(500),
  setting: settingSchema.optional(),
  adventure: adventure.optional(),
});

/** `POST /api/forecast`: played from `seed`, so many sessions. */
export const forecastRequestSchema = z.strictObject({
  adventure,
  setting: settingSchema.optional(),
  pace: pace.optional(),
  seed: z.int().min(0).max(0xffff_ffff).optional(),
  n: z.int().min(1).max(USUAL_SESSIONS).optional(),
});

/** How packs are printed. */
const printShape = {
  paper: z.enum(['a4', 'letter']).default('a4'),
  ink: z.enum(INKS).default('colour'),
  parts: z.array(z.enum(PACK_PARTS)).default([...USUAL_PARTS]),
  unit: z.enum(LENGTH_UNITS).default('metres'),
  look: z.enum(LOOK_CHOICES).default('mixed'),
  backs: z.boolean().default(false),
};

/** `POST /api/export/{format}`; the choices that a format has no use for are passed over. */
export const exportRequestSchema = checkRequestSchema.extend({
  ...printShape,
  deed: z.string().max(120).optional(),
  madeBy: z.string().max(MOST_MADE_BY).optional(),
  startsAt: z.string().regex(LOCAL_TIME).optional(),
});

/** Most lines, and most signs of one, that `POST /api/read` takes. */
const READ = { lines: 2000, signs: 2000 } as const;

/** `POST /api/read`: lines as they are typed on the Desk, and the adventure that they stand in, if any. */
export const readRequestSchema = z.strictObject({
  lines: z.array(z.string().max(READ.signs)).max(READ.lines),
  adventure: z.unknown().optional(),
});

/** `POST /api/import/{format}` as JSON: the text, or the bytes of a DOCX file in base 64. */
export const importRequestSchema = z.strictObject({
  text: z.string().optional(),
  base64: z.string().optional(),
  title: z.string().max(120).default(''),
  moves: z.array(moveSchema).max(60).default([]),
});

/** Names that people have for the formats of captions: what is in them decides how they are read. */
const CAPTION_NAMES = [...CAPTION_FORMATS, 'webvtt', 'subrip', 'ttml', 'sbv', 'lrc', 'txt', 'auto'];

/** One draw that came: as `/api/schedule` tells it, or as it is read off a real device. */
const drawn = z.looseObject({
  outcome: z.int().min(0).max(10_000).nullable(),
  number: z.int().min(0).max(10_000).nullable().default(null),
});

/**
 * `POST /api/review`: the captions of a recording beside the adventure that was led in it. `draws` has
 * what came, by beat; with a `seed` it is what the Stage drew from that; without both, what came is found
 * by what was said.
 */
export const reviewRequestSchema = z.strictObject({
  adventure,
  setting: settingSchema.optional(),
  pace: pace.optional(),
  captions: z.string().max(MAX_CAPTION_CHARACTERS),
  format: z.enum(CAPTION_NAMES as [string, ...string[]]).default('auto'),
  seed: z.int().min(0).max(0xffff_ffff).nullable().optional(),
  draws: z.record(z.string(), z.array(drawn.nullable()).max(2000)).optional(),
  endSeconds: z.number().min(1).max(14_400).optional(),
});

const day = z.string().refine(isDay, { error: 'a day that there is' });
/** Most adventures in one request. */
const MOST_ADVENTURES = 200;

/** `POST /api/series/coverage`: a series with its adventures, as its file has them; looked at on `today`. */
export const coverageRequestSchema = z.looseObject({
  series: z.unknown(),
  adventures: z.array(adventure).max(MOST_ADVENTURES).default([]),
  pace: pace.optional(),
  today: day.optional(),
});

/** `POST /api/series/next`: what could fill the session `sessionId`, from a shelf; days are those last led on. */
export const nextRequestSchema = coverageRequestSchema.extend({
  sessionId: z.string().max(60),
  shelf: z
    .array(z.strictObject({ adventure, lastDay: day.nullable().default(null) }))
    .max(MOST_ADVENTURES)
    .default([]),
});

/** `POST /api/export/{format}` for a series: the choices that a format has no use for are passed over. */
export const seriesExportRequestSchema = coverageRequestSchema.extend(printShape);
