import type { z } from 'zod';
import { beatSchema, type Beat } from '.';

/** A number that was asked for and that a file can't hold, with the nearest that it can. */
export type Held = Readonly<{ asked: number; taken: number }>;

/**
 * A beat as a file may hold it: numbers beyond their limits are the limits, and told in `held`; `beat`
 * is null where it is too much in another way, with the most of what there may be in `most`.
 */
export type Bounded = Readonly<{ beat: Beat | null; held: readonly Held[]; most: number | null }>;

type Issue = z.core.$ZodIssue;
type Limit = z.core.$ZodIssueTooBig | z.core.$ZodIssueTooSmall;

/** The limits that are passed, those of one way among several too; null where it is something else. */
function limitsIn(issues: readonly Issue[]): readonly Limit[] | null {
  const limits: Limit[] = [];
  for (const issue of issues) {
    if (issue.code === 'too_big' || issue.code === 'too_small') limits.push(issue);
    else if (issue.code !== 'invalid_union') return null;
    else {
      const way = issue.errors.map(limitsIn).find((one) => one !== null && one.length > 0);
      if (!way) return null;
      for (const one of way) limits.push({ ...one, path: [...issue.path, ...one.path] });
    }
  }
  return limits;
}

type Open = Record<PropertyKey, unknown>;

/** What holds the value at a path, and the last step to it. */
function holderOf(root: object, path: readonly PropertyKey[]): [Open, PropertyKey] {
  let at = root as Open;
  for (const step of path.slice(0, -1)) at = at[step] as Open;
  return [at, path.at(-1)!];
}

const isNumbers = (value: unknown): value is readonly number[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'number');

/** Brings one value to its limit, in place; null where it can't be, for words would be lost. */
function hold(root: object, limit: Limit): Held | null {
  const [at, step] = holderOf(root, limit.path);
  const value = at[step];
  const bound = Number(limit.code === 'too_big' ? limit.maximum : limit.minimum);
  if (typeof value === 'number') {
    at[step] = bound;
    return { asked: value, taken: bound };
  }
  if (!isNumbers(value) || limit.code === 'too_small') return null;
  at[step] = value.slice(0, bound);
  return { asked: value.length, taken: bound };
}

/** Two limits of one value, and a list that is cut before its last numbers are looked at. */
const MOST_ROUNDS = 3;

/** A beat that a line has made, checked as a file is. */
export function bounded(made: Beat): Bounded {
  let beat = made;
  const held: Held[] = [];
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const parsed = beatSchema.safeParse(beat);
    if (parsed.success) return { beat, held, most: null };
    const limits = limitsIn(parsed.error.issues) ?? [];
    const next = JSON.parse(JSON.stringify(beat)) as Beat;
    // The longest list first: what is cut off with it needs no limit of its own.
    const lists = limits.filter(({ origin }) => origin === 'array');
    for (const limit of lists.length > 0 ? lists : limits) {
      const one = hold(next, limit);
      if (!one) return { beat: null, held, most: Number('maximum' in limit ? limit.maximum : 0) };
      held.push(one);
    }
    if (limits.length === 0) break;
    beat = next;
  }
  return { beat: null, held, most: null };
}
