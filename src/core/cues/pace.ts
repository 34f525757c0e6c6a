import { z } from 'zod';
import { ageBandOf, type Ages } from '../model/ages';
import type { DeepReadonly } from '../model/deep-readonly';
import type { Move } from '../model/move';
import { entryOf } from '../words/entry-of';

/** Words a minute across a session, pauses in. Common practice: 100-200, about 135. */
export const WORDS_PER_MINUTE = 135;

/** The presenter's own words a minute, and seconds a rep by move where they are known. */
export const paceSchema = z.strictObject({
  wordsPerMinute: z.number().min(60).max(260),
  secondsPerRep: z.record(z.string(), z.number().min(0.2).max(60)),
});
export type Pace = DeepReadonly<z.infer<typeof paceSchema>>;

export const DEFAULT_PACE: Pace = { wordsPerMinute: WORDS_PER_MINUTE, secondsPerRep: {} };

/** Seconds from one rep (or step) to the next: the presenter's own, else the age band's. */
export function secondsPerRep(move: Move, ages: Ages, pace: Pace): number {
  return entryOf(pace.secondsPerRep, move.id) ?? move.secondsPerRep[ageBandOf(ages)];
}
