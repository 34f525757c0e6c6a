import { z } from 'zod';
import { beatSchema } from './beat';
import type { DeepReadonly } from './deep-readonly';
import { moveSchema } from './move';
import { settingSchema } from './setting';
import { idSchema, lineSchema } from './text';
import { CURRENT_VERSION } from './versions';

export const CHAPTER_KINDS = [
  'welcome',
  'warm-up',
  'show',
  'adventure',
  'game',
  'drink',
  'cool-down',
  'calm',
  'goodbye',
] as const;
export type ChapterKind = (typeof CHAPTER_KINDS)[number];

const shortText = z.string().max(120);

/** The story: where it is, what somebody wants, who is in it; what gives guises their flavour. */
export const worldSchema = z.strictObject({
  name: shortText,
  place: lineSchema,
  want: lineSchema,
  cast: z.array(z.strictObject({ name: shortText, role: shortText })).max(40),
  words: z.array(shortText).max(200),
  colours: z.array(shortText).max(40),
});
export type World = DeepReadonly<z.infer<typeof worldSchema>>;

export const chapterSchema = z.strictObject({
  id: idSchema('ch'),
  kind: z.enum(CHAPTER_KINDS),
  title: shortText,
  beats: z.array(beatSchema).max(2000),
});
export type Chapter = DeepReadonly<z.infer<typeof chapterSchema>>;

/** What the presenter usually does; a new beat starts with it. */
export const defaultsSchema = z.strictObject({
  show: z.enum(['each', 'first', 'none']),
  countInSeconds: z.number().min(0).max(10),
});
export type Defaults = Readonly<z.infer<typeof defaultsSchema>>;

/** A finding that the presenter leaves as it is, and why. `place` is a beat or part, or empty. */
export const setAsideSchema = z.strictObject({
  rule: z.string().min(1).max(40),
  place: z.string().max(60),
  reason: z.string().max(300),
});

/** Limits of the findings that the presenter has set; null is what is usual for the age. */
export const limitsSchema = z.strictObject({
  /** Landings in the whole session. */
  landings: z.int().min(1).max(5000).nullable(),
  /** Seconds of listening at a stretch. */
  listeningSeconds: z.int().min(10).max(600).nullable(),
  /** Words in one spoken sentence. */
  sentenceWords: z.int().min(4).max(80).nullable(),
});
export type Limits = Readonly<z.infer<typeof limitsSchema>>;
export const USUAL_LIMITS: Limits = { landings: null, listeningSeconds: null, sentenceWords: null };

/** What a thing at hand is in the story: the yellow sock is the lamp oil. */
export const propSchema = z.strictObject({
  thing: z.string().min(1).max(80),
  standsFor: z.string().min(1).max(120),
});
export type Prop = Readonly<z.infer<typeof propSchema>>;

/** The document of a `.arrup.json` file. `moves` are the presenter's own, if any. */
export const adventureSchema = z.strictObject({
  format: z.literal('arrup'),
  version: z.literal(CURRENT_VERSION),
  id: idSchema('adv'),
  title: shortText,
  learning: shortText,
  world: worldSchema,
  setting: settingSchema,
  defaults: defaultsSchema,
  props: z.array(propSchema).max(60),
  moves: z.array(moveSchema).max(300),
  limits: limitsSchema,
  setAside: z.array(setAsideSchema).max(500),
  chapters: z.array(chapterSchema).max(100),
});
export type Adventure = DeepReadonly<z.infer<typeof adventureSchema>>;
