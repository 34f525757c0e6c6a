import { z } from 'zod';

/** Longest line that one beat may speak: about seven minutes of talk. */
export const MAX_LINE = 2000;

export const lineSchema = z.string().max(MAX_LINE);
/** A name or a title. */
export const shortTextSchema = z.string().max(120);
export const slugSchema = z
  .string()
  .max(80)
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/);

/** Ids carry their kind: `adv_…`, `ch_…`, `bt_…`, `ac_…`, `st_…`. */
export function idSchema(prefix: string) {
  return z
    .string()
    .max(60)
    .regex(new RegExp(`^${prefix}_[A-Za-z0-9-]+$`));
}

/** Longest name of who made an adventure, as what is given away says it. */
export const MOST_MADE_BY = 80;
