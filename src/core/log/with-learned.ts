import { TALK_RANGE, type Pace } from '../cues/pace';
import { TIMINGS } from '../cues/timing';
import { within } from '../words/numbers';
import { REP } from './pace-key';

/** What is needed of a figure to time with it. */
type Figure = Readonly<{ key: string; times: number; sessions: number; varies: number }>;

/** Fewer sessions don't tell how much somebody varies. */
const FEWEST_SESSIONS = 3;

/** Times of the usual as a pace has it, by what it is of. */
const USES: Readonly<Record<string, (times: number, pace: Pace) => Partial<Pace>>> = {
  wordsPerMinute: (times, { wordsPerMinute }) => ({
    wordsPerMinute:
      wordsPerMinute ?? Math.round(within(TIMINGS.wordsPerMinute.usual * times, TALK_RANGE)),
  }),
  changeSeconds: (times, { changeSeconds }) => ({
    changeSeconds: changeSeconds ?? TIMINGS.changeOver.usual * times,
  }),
  throwSeconds: (times, { throwSeconds }) => ({
    throwSeconds: throwSeconds ?? TIMINGS.presenterThrow.usual * times,
  }),
  childThrowSeconds: (times, { childThrowSeconds }) => ({
    childThrowSeconds: childThrowSeconds ?? TIMINGS.childThrow.usual * times,
  }),
  allReps: (times) => ({ allReps: times }),
  showTimes: (times) => ({ showTimes: times }),
};

/** How far the presenter strays between sessions, where enough of them were seen. */
function variesIn(learned: readonly Figure[]): Pick<Pace, 'talkVaries' | 'repsVary'> {
  const often = learned.filter(({ sessions }) => sessions >= FEWEST_SESSIONS);
  const reps = often.filter(({ key }) => key.startsWith(REP));
  return {
    talkVaries: often.find(({ key }) => key === 'wordsPerMinute')?.varies ?? null,
    repsVary:
      reps.length > 0 ? reps.reduce((sum, { varies }) => sum + varies, 0) / reps.length : null,
  };
}

/**
 * A pace with what was learned in it: what the presenter set by hand stays, and what was set aside is
 * left out.
 */
export function withLearned(
  pace: Pace,
  learned: readonly Figure[],
  aside: readonly string[],
): Pace {
  const used = learned.filter(({ key }) => !aside.includes(key));
  const repTimes = Object.fromEntries(
    used
      .filter(({ key }) => key.startsWith(REP))
      .map(({ key, times }) => [key.slice(REP.length), times]),
  );
  const now = used.reduce<Pace>(
    (so, { key, times }) => ({ ...so, ...USES[key]?.(times, so) }),
    pace,
  );
  return { ...now, ...variesIn(used), repTimes: { ...repTimes, ...pace.repTimes } };
}
