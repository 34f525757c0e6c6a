import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';
import { lineSchema, shortTextSchema } from './text';

/** The most of each that a world may hold. */
export const MOST_IN_WORLD = { cast: 40, words: 200, colours: 40 } as const;

/** The story: where it is, what somebody wants, who is in it; what gives guises their flavour. */
export const worldSchema = z.strictObject({
  name: shortTextSchema,
  place: lineSchema,
  want: lineSchema,
  cast: z
    .array(z.strictObject({ name: shortTextSchema, role: shortTextSchema }))
    .max(MOST_IN_WORLD.cast),
  words: z.array(shortTextSchema).max(MOST_IN_WORLD.words),
  colours: z.array(shortTextSchema).max(MOST_IN_WORLD.colours),
});
export type World = DeepReadonly<z.infer<typeof worldSchema>>;
