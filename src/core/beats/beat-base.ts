import { z } from 'zod';
import { ledShape } from '../model/led';
import { pointsSchema } from '../model/points';
import { idSchema } from '../model/text';

/**
 * What every beat has: its kind, its id, and what fitting may do with it: leave it as it stands, or
 * take it out. Left out: its doses may change within the usual, and it stays.
 */
export function beatBase<Kind extends string>(kind: Kind) {
  return {
    kind: z.literal(kind),
    id: idSchema('bt'),
    fit: z.enum(['stays', 'may go']).optional(),
  };
}

/** What a beat has besides that is led in one way or another: how, and what points are given for. */
export function ledBase<Kind extends string>(kind: Kind) {
  return { ...beatBase(kind), ...ledShape, points: pointsSchema.optional() };
}
