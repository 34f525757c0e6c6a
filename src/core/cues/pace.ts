import { z } from 'zod';
import { ageBandOf, type Ages } from '../model/ages';
import type { DeepReadonly } from '../model/deep-readonly';
import type { Move } from '../model/move';
import { entryOf } from '../words/entry-of';
import { TIMINGS, type Timing } from './timing';

/** Words a minute while talking, from slow reading to a rush. */
export const TALK_RANGE = { least: 60, most: 260 } as const;

const seconds = (most: number) => z.number().min(0).max(most).nullable().default(null);

/**
 * The presenter's own pace, as far as it is known; null is what is usual. `wordsPerMinute` counts only
 * while talking, `changeSeconds` is from one move to the next on the feet, `throwSeconds` a throw by the
 * presenter and `childThrowSeconds` one by a child, with fetching and reading out; seconds a rep by move.
 * `repTimes` has how much longer a rep takes than is usual at the age, by move, as it was learned,
 * `allReps` the same for all other moves: what is in `secondsPerRep` goes first; `showTimes` the same for
 * showing a new move. `talkVaries` and `repsVary`
 * are how far this presenter strays from it between sessions, as shares, where enough were seen.
 */
export const paceSchema = z.strictObject({
  wordsPerMinute: z.number().min(TALK_RANGE.least).max(TALK_RANGE.most).nullable().default(null),
  changeSeconds: seconds(60),
  throwSeconds: seconds(120),
  childThrowSeconds: seconds(120),
  secondsPerRep: z.record(z.string(), z.number().min(0.2).max(60)).default({}),
  repTimes: z.record(z.string(), z.number().min(0.1).max(10)).default({}),
  allReps: z.number().min(0.1).max(10).default(1),
  showTimes: z.number().min(0.1).max(10).default(1),
  talkVaries: z.number().min(0).max(1).nullable().default(null),
  repsVary: z.number().min(0).max(1).nullable().default(null),
});
export type Pace = DeepReadonly<z.infer<typeof paceSchema>>;

/** A presenter of whom nothing is known. */
export const DEFAULT_PACE: Pace = {
  wordsPerMinute: null,
  changeSeconds: null,
  throwSeconds: null,
  childThrowSeconds: null,
  secondsPerRep: {},
  repTimes: {},
  allReps: 1,
  showTimes: 1,
  talkVaries: null,
  repsVary: null,
};

/** Words a minute while only talking. */
export const WORDS_PER_MINUTE = TIMINGS.wordsPerMinute.usual;

/** Seconds from one rep (or step) to the next: the presenter's own, else the age band's, as it was learned. */
export function secondsPerRep(move: Move, ages: Ages, pace: Pace): number {
  const own = entryOf(pace.secondsPerRep, move.id);
  if (own !== undefined) return own;
  return move.secondsPerRep[ageBandOf(ages)] * (entryOf(pace.repTimes, move.id) ?? pace.allReps);
}

/** In whose pace a session is looked at that is not the presenter's own: nothing more is known of them. */
export type PaceView = 'usual' | 'slower' | 'brisk';

/** A slower and a brisker colleague: reps take so many times the usual. Common practice. */
const OTHER_REPS = { slower: 1.2, brisk: 0.85 } as const;

/** The pace of such a leader: half of all talk between the slower and the brisk one's words a minute. */
export function paceAs(view: PaceView): Pace {
  if (view === 'usual') return DEFAULT_PACE;
  const { least, most } = TIMINGS.wordsPerMinute;
  const isSlow = view === 'slower';
  const at = (timing: Timing) => (isSlow ? timing.most : timing.least);
  return {
    ...DEFAULT_PACE,
    wordsPerMinute: isSlow ? least : most,
    changeSeconds: at(TIMINGS.changeOver),
    throwSeconds: at(TIMINGS.presenterThrow),
    childThrowSeconds: at(TIMINGS.childThrow),
    allReps: OTHER_REPS[view],
  };
}
