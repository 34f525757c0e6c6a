import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';
import { doseSchema } from './dose';
import { idSchema, lineSchema, slugSchema } from './text';

/**
 * What a move is called in this world, and what is said to it: `line` as it is explained, `meanwhile`
 * while they do it. All may be empty: then the move goes by its own name.
 */
export const guiseSchema = z.strictObject({
  name: z.string().max(80),
  picture: z.string().max(80),
  sound: z.string().max(80),
  line: lineSchema,
  meanwhile: lineSchema,
});
export type Guise = Readonly<z.infer<typeof guiseSchema>>;
export const NO_GUISE: Guise = { name: '', picture: '', sound: '', line: '', meanwhile: '' };

export const actionSchema = z.strictObject({
  id: idSchema('ac'),
  move: slugSchema,
  guise: guiseSchema,
  dose: doseSchema,
});
export type Action = DeepReadonly<z.infer<typeof actionSchema>>;

export const stationSchema = z.strictObject({
  id: idSchema('st'),
  move: slugSchema,
  guise: guiseSchema,
});
export type Station = DeepReadonly<z.infer<typeof stationSchema>>;
