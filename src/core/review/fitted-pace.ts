import { DEFAULT_PACE, TALK_RANGE, type Pace } from '../cues/pace';
import type { Cue } from '../cues/cue';
import { TIMINGS } from '../cues/timing';
import type { Adventure } from '../document/adventure';
import type { RealPace } from '../log/reviewed';
import { within } from '../words/numbers';
import type { Laid } from './lay';
import { segmentsOf } from './segments';

type Known = Pick<
  RealPace,
  'wordsPerMinute' | 'secondsPerRep' | 'showTimes' | 'throwSeconds' | 'childThrowSeconds'
>;
export type FittedPace = Pick<RealPace, 'changeSeconds' | 'allReps'>;

/** How far change-overs and moves that nobody counted may be from the usual. Our own judgement. */
const CHANGE = { least: 0, most: 8 } as const;
const REPS = { least: 0.6, most: 1.8 } as const;
/** Steps by halves: to a tenth of a second, and a hundredth. */
const STEPS = 8;

/**
 * What is left when talk, counts and throws are known: silent change-overs, and after them the tempo of
 * what nobody counted aloud, so that what was led, planned anew in this pace, is as long as it really was.
 * `replan` times the script in a pace.
 */
export function fittedPace(
  adventure: Adventure,
  { segments, alignment }: Laid,
  known: ReadonlySet<string>,
  heard: Known,
  replan: (pace: Pace) => readonly Cue[],
): FittedPace {
  const found = alignment.found.filter(({ elsewhere }) => !elsewhere);
  const keys = new Set(found.map(({ segment }) => segments[segment]!.key));
  const real = found.reduce((sum, one) => sum + one.toSeconds - one.fromSeconds, 0);
  const { wordsPerMinute: words } = heard;
  const base: Pace = {
    ...DEFAULT_PACE,
    wordsPerMinute: words === null ? null : within(words, TALK_RANGE),
    throwSeconds: heard.throwSeconds,
    childThrowSeconds: heard.childThrowSeconds,
    secondsPerRep: heard.secondsPerRep,
    showTimes: heard.showTimes ?? DEFAULT_PACE.showTimes,
  };
  const planned = (pace: Pace) =>
    segmentsOf(adventure, replan(pace), known)
      .filter(({ key }) => keys.has(key))
      .reduce((sum, { plannedSeconds }) => sum + plannedSeconds, 0);
  /** The value between two at which it is as long as it was, or the end that comes nearest. */
  const solve = (range: Readonly<{ least: number; most: number }>, at: (value: number) => Pace) => {
    let { least, most } = range;
    for (let step = 0; step < STEPS; step += 1) {
      const middle = (least + most) / 2;
      if (planned(at(middle)) < real) least = middle;
      else most = middle;
    }
    return (least + most) / 2;
  };
  if (found.length === 0) return { changeSeconds: TIMINGS.changeOver.usual, allReps: 1 };
  const changeSeconds = solve(CHANGE, (value) => ({ ...base, changeSeconds: value }));
  const allReps = solve(REPS, (value) => ({ ...base, changeSeconds, allReps: value }));
  const rounded = (value: number) => Math.round(value * 100) / 100;
  return { changeSeconds: rounded(changeSeconds), allReps: rounded(allReps) };
}
