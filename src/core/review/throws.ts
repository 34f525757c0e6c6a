import type { Cue } from '../cues/cue';
import { LEAST_CHILD_THROW } from '../log/sightings';
import { within } from '../words/numbers';
import { median, toTenth } from '../words/middle';
import type { Laid } from './lay';

/** Fewer throws than this tell nothing; fewer or more seconds are no throw. */
const FEWEST = 3;
const SANE_SECONDS = { least: 0.5, most: 120 } as const;

/**
 * Seconds of a throw as it was: what a draw took beyond its work, which is taken to have gone as all the
 * rest did. Who throws is told by how long it was planned to take.
 */
export function throwsOf(
  { segments, alignment }: Laid,
  cues: readonly Cue[],
): Readonly<Record<'throwSeconds' | 'childThrowSeconds', number | null>> {
  const spans = alignment.found
    .filter(({ elsewhere }) => !elsewhere)
    .map(({ segment, fromSeconds, toSeconds }) => {
      const { fromCue, toCue, plannedSeconds } = segments[segment]!;
      const thrown = cues.slice(fromCue, toCue).find(({ kind }) => kind === 'draw');
      return { real: toSeconds - fromSeconds, planned: plannedSeconds, thrown };
    });
  const others = spans.filter(({ thrown }) => !thrown);
  const sum = (key: 'real' | 'planned') => others.reduce((all, one) => all + one[key], 0);
  const times = others.length > 0 && sum('planned') > 0 ? sum('real') / sum('planned') : 1;
  const of = (byChild: boolean): number | null => {
    const seconds = spans.flatMap(({ real, planned, thrown }) =>
      thrown && thrown.lengthSeconds >= LEAST_CHILD_THROW === byChild
        ? [real - (planned - thrown.lengthSeconds) * times]
        : [],
    );
    if (seconds.length < FEWEST) return null;
    return toTenth(within(median(seconds), SANE_SECONDS));
  };
  return { throwSeconds: of(false), childThrowSeconds: of(true) };
}
