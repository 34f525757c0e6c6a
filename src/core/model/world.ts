import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';
import { lineSchema, shortTextSchema } from './text';

/** The story: where it is, what somebody wants, who is in it; what gives guises their flavour. */
export const worldSchema = z.strictObject({
  name: shortTextSchema,
  place: lineSchema,
  want: lineSchema,
  cast: z.array(z.strictObject({ name: shortTextSchema, role: shortTextSchema })).max(40),
  words: z.array(shortTextSchema).max(200),
  colours: z.array(shortTextSchema).max(40),
});
export type World = DeepReadonly<z.infer<typeof worldSchema>>;
