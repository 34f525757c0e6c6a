import { z } from 'zod';

/** Ages in years that the catalogue and its doses are made for. */
export const AGE_SPAN = { from: 3, to: 7 } as const;
const age = z.int().min(AGE_SPAN.from).max(AGE_SPAN.to);

/** Youngest and oldest age in the group, in years, both included, 3 to 7. */
export const agesSchema = z
  .strictObject({ from: age, to: age })
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
