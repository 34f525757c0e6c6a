import { type Cue, isCountedWork } from '../cues/cue';
import { TIMINGS } from '../cues/timing';
import { isPlainShowing } from '../log/sightings';
import { median } from '../words/middle';
import { within } from '../words/numbers';
import type { CountAloud } from './counting-aloud';
import type { Laid } from './lay';
import { countsWithin } from './real-cues';

/** Fewer showings tell nothing; nobody shows a move so much shorter or longer than usual. */
const FEWEST = 3;
const SANE_TIMES = { least: 0.25, most: 4 } as const;

/** A stretch in which every set was counted aloud: its cues, and when its first and its last count are. */
type Counted = Readonly<{ own: readonly Cue[]; segment: number; from: number; to: number }>;

/** When a counted set ends: a rep after its last number, in its tempo. */
function setEnd({ atSeconds }: CountAloud): number {
  const last = atSeconds.at(-1)!;
  return last + (last - atSeconds[0]!) / Math.max(1, atSeconds.length - 1);
}

/** Cues before the first counted set, or after the last. */
function around(own: readonly Cue[], side: 'before' | 'after'): readonly Cue[] {
  const counted = own.map((cue) => isCountedWork(cue));
  return side === 'before'
    ? own.slice(0, counted.indexOf(true))
    : own.slice(counted.lastIndexOf(true) + 1);
}

/**
 * How long new moves were shown, as times of the usual; null where too few of them tell. From the end of
 * one counted set to the beginning of the next one's count, less all that is planned between besides: where
 * exactly a stretch begins between them nobody needs to know. Only moves without written words: where words
 * are written, they and not the showing decide. The schedule is planned at `plannedTimes` of the usual.
 */
export function shownTimes(
  { segments, alignment, counts }: Laid,
  cues: readonly Cue[],
  plannedTimes = 1,
): number | null {
  const counted = alignment.found.flatMap(
    ({ segment, elsewhere, fromSeconds, toSeconds }): Counted[] => {
      const { fromCue, toCue } = segments[segment]!;
      const own = cues.slice(fromCue, toCue);
      const heard = countsWithin(counts, fromSeconds, toSeconds);
      const sets = own.filter(isCountedWork).length;
      if (elsewhere || sets === 0 || heard.length !== sets) return [];
      return [{ own, segment, from: heard[0]!.startSeconds, to: setEnd(heard.at(-1)!) }];
    },
  );
  const times = counted.slice(1).flatMap(({ own, segment, from }, n) => {
    const last = counted[n]!;
    const between = [...around(last.own, 'after'), ...around(own, 'before')];
    const shown = between.filter(({ kind }) => kind === 'show');
    const isPlain = shown.length === 1 && isPlainShowing(shown[0]!, plannedTimes);
    if (segment !== last.segment + 1 || !isPlain) return [];
    const besides = between.reduce((sum, cue) => sum + cue.lengthSeconds, -shown[0]!.lengthSeconds);
    return [within((from - last.to - besides) / TIMINGS.showUnwritten.usual, SANE_TIMES)];
  });
  return times.length < FEWEST ? null : Math.round(median(times) * 100) / 100;
}
