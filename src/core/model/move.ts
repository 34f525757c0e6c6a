import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';
import { figureSchema } from './figure';
import { DOSE_UNITS } from './dose';

export const FAMILIES = [
  'travelling',
  'balancing',
  'handling',
  'floor',
  'stretch',
  'shape',
  'rhythm',
  'breath',
] as const;
export type Family = (typeof FAMILIES)[number];

export const REGIONS = [
  'legs',
  'hips',
  'tummy',
  'back',
  'shoulders',
  'arms',
  'hands',
  'neck',
] as const;
export type Region = (typeof REGIONS)[number];

export const POSTURES = [
  'standing',
  'crouching',
  'all fours',
  'kneeling',
  'sitting',
  'lying',
] as const;
export type Posture = (typeof POSTURES)[number];

export type Effort = 1 | 2 | 3 | 4 | 5;

const seconds = z.number().min(0.2).max(60);
const range = z.tuple([z.int().min(1), z.int().min(1)]);
const slug = z.string().regex(/^[a-z0-9]+(-[a-z0-9]+)*$/);
const words = z.array(z.string().min(1).max(200)).max(40);

/**
 * A movement in the catalogue. Effort is on the five-level Children's Activity Rating Scale:
 * 1 still, 2 limbs or trunk moving, 3 slow easy travel, 4 medium effort, 5 fast or strenuous.
 */
export const moveSchema = z.strictObject({
  id: slug,
  name: z.string().min(1).max(80),
  plural: z.string().min(1).max(80),
  aliases: words,
  family: z.enum(FAMILIES),
  regions: z.array(z.enum(REGIONS)).min(1),
  effort: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)]),
  secondsPerRep: z.strictObject({ '3-4': seconds, '5': seconds, '6-7': seconds }),
  landingsPerRep: z.number().min(0).max(4),
  /** Metres that one rep or step covers; 0 for a move on the spot. */
  metresPerRep: z.number().min(0).max(5),
  sided: z.boolean(),
  fromAge: z.int().min(3).max(7),
  posture: z.enum(POSTURES),
  space: z.enum(['spot', 'lane', 'room']),
  kit: words,
  surface: z.enum(['any', 'mat', 'grip']),
  /** Leans or pushes against a wall. */
  wall: z.boolean(),
  quiet: z.boolean(),
  cautions: words,
  formCues: words,
  easier: slug.nullable(),
  harder: slug.nullable(),
  seated: slug.nullable(),
  pictureWords: words,
  /** The usual unit, and its least and most in one set, for each age band. */
  usual: z.strictObject({
    unit: z.enum(DOSE_UNITS),
    range: z.strictObject({ '3-4': range, '5': range, '6-7': range }),
  }),
  /**
   * How it is drawn: null as the catalogue draws the move of this id, like another one of the
   * catalogue, in poses of its own, or with an icon.
   */
  figure: z
    .discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('like'), move: slug }),
      z.strictObject({ kind: z.literal('drawn'), figure: figureSchema }),
      z.strictObject({ kind: z.literal('icon'), word: z.string().min(1).max(80) }),
    ])
    .nullable(),
  origin: z.enum(['published', 'common practice', 'our judgement']),
});
export type Move = DeepReadonly<z.infer<typeof moveSchema>>;
