import { TALK_RANGE, type Pace } from '../cues/pace';
import { TIMINGS } from '../cues/timing';
import { within } from '../words/numbers';
import { REP } from './pace-key';

/** What is needed of a figure to time with it. */
type Figure = Readonly<{ key: string; times: number }>;

/**
 * A pace with what was learned in it: what the presenter set by hand stays, and what was set aside is
 * left out.
 */
export function withLearned(
  pace: Pace,
  learned: readonly Figure[],
  aside: readonly string[],
): Pace {
  const now = { ...pace, repTimes: { ...pace.repTimes } };
  for (const { key, times } of learned) {
    if (aside.includes(key)) continue;
    if (key === 'wordsPerMinute') {
      now.wordsPerMinute ??= Math.round(within(TIMINGS.wordsPerMinute.usual * times, TALK_RANGE));
    } else if (key === 'changeSeconds') {
      now.changeSeconds ??= TIMINGS.changeOver.usual * times;
    } else if (key === 'allReps') {
      now.allReps = times;
    } else if (key === 'throwSeconds') {
      now.throwSeconds ??= TIMINGS.presenterThrow.usual * times;
    } else if (key === 'childThrowSeconds') {
      now.childThrowSeconds ??= TIMINGS.childThrow.usual * times;
    } else now.repTimes[key.slice(REP.length)] ??= times;
  }
  return now;
}
