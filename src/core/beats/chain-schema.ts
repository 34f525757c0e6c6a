import { z } from 'zod';
import { actionSchema } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { tempoSchema } from '../model/dose';
import { lineSchema } from '../model/text';
import { ledBase } from './beat-base';

export const INTRODUCED = { least: 1, most: 10 } as const;
export const MOST_PERFORMANCES = 5;

/** A link; `joined`: it is done in one go with the one before, as one link of two moves. */
const linkSchema = z.strictObject({ ...actionSchema.shape, joined: z.boolean() });
export type Link = DeepReadonly<z.infer<typeof linkSchema>>;

/**
 * A chain that grows each verse by `introduce` links, all links so far done again. The n-th link is
 * done with the n-th of `bodyParts`, if there are any, over and over. It is gone through once more
 * after the verses in `rehearseAfter`, and whole at the end, once in each of the tempos of `perform`.
 */
export const chainSchema = z.strictObject({
  ...ledBase('chain'),
  say: lineSchema,
  links: z.array(linkSchema).max(20),
  introduce: z.int().min(INTRODUCED.least).max(INTRODUCED.most),
  bodyParts: z.array(z.string().min(1).max(40)).max(20),
  rehearseAfter: z.array(z.int().min(1).max(20)).max(20),
  perform: z.array(tempoSchema).max(MOST_PERFORMANCES),
  performSay: lineSchema,
});
export type Chain = DeepReadonly<z.infer<typeof chainSchema>>;

/** Links as they are counted: one that is joined belongs to the one before. */
export function linksOf({ links }: Pick<Chain, 'links'>): readonly (readonly Link[])[] {
  const whole: Link[][] = [];
  for (const link of links) {
    if (link.joined && whole.length > 0) whole.at(-1)!.push(link);
    else whole.push([link]);
  }
  return whole;
}
