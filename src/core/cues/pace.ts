import { z } from 'zod';
import { ageBandOf, type Ages } from '../model/ages';
import type { DeepReadonly } from '../model/deep-readonly';
import type { Move } from '../model/move';
import { entryOf } from '../words/entry-of';
import { TIMINGS } from './timing';

/** Words a minute while talking, from slow reading to a rush. */
export const TALK_RANGE = { least: 60, most: 260 } as const;

const seconds = (most: number) => z.number().min(0).max(most).nullable().default(null);

/**
 * The presenter's own pace, as far as it is known; null is what is usual. `wordsPerMinute` counts only
 * while talking, `changeSeconds` is from one move to the next on the feet, `throwSeconds` a throw by the
 * presenter and `childThrowSeconds` one by a child, with fetching and reading out; seconds a rep by move.
 */
export const paceSchema = z.strictObject({
  wordsPerMinute: z.number().min(TALK_RANGE.least).max(TALK_RANGE.most).nullable().default(null),
  changeSeconds: seconds(60),
  throwSeconds: seconds(120),
  childThrowSeconds: seconds(120),
  secondsPerRep: z.record(z.string(), z.number().min(0.2).max(60)).default({}),
});
export type Pace = DeepReadonly<z.infer<typeof paceSchema>>;

/** A presenter of whom nothing is known. */
export const DEFAULT_PACE: Pace = {
  wordsPerMinute: null,
  changeSeconds: null,
  throwSeconds: null,
  childThrowSeconds: null,
  secondsPerRep: {},
};

/** Words a minute while only talking. */
export const WORDS_PER_MINUTE = TIMINGS.wordsPerMinute.usual;

/** Seconds from one rep (or step) to the next: the presenter's own, else the age band's. */
export function secondsPerRep(move: Move, ages: Ages, pace: Pace): number {
  return entryOf(pace.secondsPerRep, move.id) ?? move.secondsPerRep[ageBandOf(ages)];
}
