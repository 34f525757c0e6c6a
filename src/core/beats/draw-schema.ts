import { z } from 'zod';
import { drawSetupShape } from '../chance/setup';
import type { DeepReadonly } from '../model/deep-readonly';
import { lineSchema } from '../model/text';
import { ledBase } from './beat-base';

/**
 * Chance or a list names moves and amounts. `seed` makes the same draws again, on the server, in
 * the browser and in print. `meanwhile` is said while they work, and while a child throws.
 */
export const drawSchema = z.strictObject({
  ...ledBase('draw'),
  say: lineSchema,
  meanwhile: lineSchema,
  ...drawSetupShape,
});
export type Draw = DeepReadonly<z.infer<typeof drawSchema>>;
