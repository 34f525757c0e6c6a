import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';
import { doseSchema, MAX_SETS } from './dose';
import { idSchema, lineSchema, slugSchema } from './text';

/** Longest name of a move in the story. */
export const MAX_NAME = 80;
/** Longest note beside a name. */
export const MAX_NOTE = 120;

/**
 * What a move is called in this world, and what is said to it: `line` as it is explained, `meanwhile`
 * while they do it. `note` is what is to be known beside the name: "to the door", "the bigger ones on
 * one foot". All may be empty: then the move goes by its own name.
 */
export const guiseSchema = z.strictObject({
  name: z.string().max(MAX_NAME),
  picture: z.string().max(80),
  sound: z.string().max(80),
  note: z.string().max(MAX_NOTE),
  line: lineSchema,
  meanwhile: lineSchema,
});
export type Guise = Readonly<z.infer<typeof guiseSchema>>;
export const NO_GUISE: Guise = {
  name: '',
  picture: '',
  sound: '',
  note: '',
  line: '',
  meanwhile: '',
};

/** What is done, whatever it is called: a move, and up to two `also` done at the same time. */
const doneShape = { move: slugSchema, also: z.array(slugSchema).max(2) };
export type Done = DeepReadonly<z.infer<z.ZodObject<typeof doneShape>>>;

/**
 * A move in a guise with a dose. `between` has the story's lines between its sets, in order. `home` is
 * the dose that is done later at home, where this one only shows it.
 */
export const actionSchema = z.strictObject({
  id: idSchema('ac'),
  ...doneShape,
  guise: guiseSchema,
  dose: doseSchema,
  between: z.array(lineSchema).max(MAX_SETS - 1),
  home: doseSchema.nullable(),
});
/** An action in which nothing else goes on. */
export const PLAIN_ACTION = { also: [], between: [], home: null } as const;
export type Action = DeepReadonly<z.infer<typeof actionSchema>>;

export const stationSchema = z.strictObject({
  id: idSchema('st'),
  ...doneShape,
  guise: guiseSchema,
});
export type Station = DeepReadonly<z.infer<typeof stationSchema>>;
