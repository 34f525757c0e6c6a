import { z } from 'zod';

/** Youngest and oldest age in the group, in years, both included, 3 to 7. */
export const agesSchema = z
  .strictObject({ from: z.int().min(3).max(7), to: z.int().min(3).max(7) })
  .refine((ages) => ages.from <= ages.to, { params: { code: 'ages-backwards' } });
export type Ages = Readonly<z.infer<typeof agesSchema>>;

export const AGE_BANDS = ['3-4', '5', '6-7'] as const;
export type AgeBand = (typeof AGE_BANDS)[number];

/**
 * The band whose tempo the group is led at: that of its youngest, so that nobody is left behind.
 */
export function ageBandOf(ages: Ages): AgeBand {
  if (ages.from <= 4) return '3-4';
  return ages.from === 5 ? '5' : '6-7';
}
