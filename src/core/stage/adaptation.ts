import { z } from 'zod';
import type { DeepReadonly } from '../model/deep-readonly';

/** What a leader changes with the children in front of them. */
export const ADAPTATIONS = [
  'easier',
  'harder',
  'fewer',
  'gentler',
  'more',
  'ten more',
  'again',
  'drink',
  'rest',
  'sit out',
  'shorten',
] as const;
export type AdaptationKind = (typeof ADAPTATIONS)[number];

/** One change, and where it was made: so that it can be made again after a reload. */
export const adaptationSchema = z.strictObject({
  cueId: z.string().max(120),
  intoSeconds: z.number().min(0),
  what: z.enum(ADAPTATIONS),
  /** For `shorten`: how long the rest may still take, in seconds. Else 0. */
  seconds: z.number().min(0),
});
export type Adaptation = DeepReadonly<z.infer<typeof adaptationSchema>>;
