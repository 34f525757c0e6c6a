import { CHAPTER_KINDS } from '../model/chapter-kinds';
import { z } from 'zod';
import { beatSchema } from '../beats';
import type { DeepReadonly } from '../model/deep-readonly';
import { moveSchema } from '../model/move';
import { settingSchema } from '../model/setting';
import { idSchema, shortTextSchema } from '../model/text';
import { defaultsSchema, LEDS } from '../model/led';
import { worldSchema } from '../model/world';
import { CURRENT_VERSION } from './versions';

export const chapterSchema = z.strictObject({
  id: idSchema('ch'),
  kind: z.enum(CHAPTER_KINDS),
  title: shortTextSchema,
  /** How it is led; null is as the adventure. */
  led: z.enum(LEDS).nullable(),
  beats: z.array(beatSchema).max(2000),
});
export type Chapter = DeepReadonly<z.infer<typeof chapterSchema>>;

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
  title: shortTextSchema,
  learning: shortTextSchema,
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
