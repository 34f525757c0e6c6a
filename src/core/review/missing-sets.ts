import { type Cue, isWork } from '../cues/cue';
import type { ReviewMoment } from '../log/reviewed';
import { median } from '../words/middle';
import type { Laid } from './lay';
import { countsWithin } from './real-cues';

/** Fewer stretches don't tell how fast the rest went. */
const FEWEST_OTHERS = 5;
/** What is so short is missed in the noise, in seconds of a set. */
const SHORTEST_SET = 8;
/** Missing so much of a set, at the pace of the rest, it was left out. Our own judgement. */
const MISSING = 0.75;
/** Sets that differ by more than this are a ladder, of which nobody knows the step that is missing. */
const ALIKE = 1.3;

type Stretch = Readonly<{ realSeconds: number; plannedSeconds: number }>;

/** By how many seconds a stretch was shorter than planned, where all took so many times of the plan. */
const shortBy = ({ realSeconds, plannedSeconds }: Stretch, times: number) =>
  plannedSeconds * times - realSeconds;

/** Seconds from where the first set of a stretch begins to where each next one does, and to its end. */
function setSeconds(own: readonly Cue[]): readonly number[] {
  const work = own.filter((cue) => isWork(cue) && cue.doing);
  const firsts = work.filter(
    ({ doing }, n) => n === 0 || doing!.set.n !== work[n - 1]!.doing!.set.n,
  );
  const end = own.at(-1)!.startSeconds + own.at(-1)!.lengthSeconds;
  return firsts.map((cue, n) => (firsts[n + 1]?.startSeconds ?? end) - cue.startSeconds);
}

/**
 * How many of these sets there was time for, or null where nothing tells; `surelySeconds` of what is
 * missing is no neighbour's.
 */
function setsThereWere(
  seconds: readonly number[],
  missingSeconds: number,
  surelySeconds: number,
  times: number,
): number | null {
  if (seconds.length < 2) return null;
  const each = median(seconds) * times;
  const alike = Math.max(...seconds.slice(0, -1)) <= Math.min(...seconds.slice(0, -1)) * ALIKE;
  if (each < SHORTEST_SET || !alike || surelySeconds < MISSING * each) return null;
  return Math.max(1, seconds.length - Math.round(missingSeconds / each));
}

/**
 * Sets that were left out of a stretch in which nobody counts aloud: it was shorter by most of a set and
 * more than all the rest of the recording would have it.
 */
export function missingSets(
  { segments, alignment, counts }: Laid,
  cues: readonly Cue[],
): readonly ReviewMoment[] {
  const found = alignment.found.filter(({ elsewhere }) => !elsewhere);
  const stretches = found.map(({ segment, fromSeconds, toSeconds }) => ({
    realSeconds: toSeconds - fromSeconds,
    plannedSeconds: segments[segment]!.plannedSeconds,
  }));
  const ratios = stretches
    .filter(({ plannedSeconds }) => plannedSeconds >= SHORTEST_SET)
    .map(({ realSeconds, plannedSeconds }) => realSeconds / plannedSeconds);
  if (ratios.length < FEWEST_OTHERS) return [];
  const times = median(ratios);
  return found.flatMap(({ segment, fromSeconds, toSeconds }, n): ReviewMoment[] => {
    const { beatId, label, fromCue, toCue, variants } = segments[segment]!;
    if (variants.length > 1 || countsWithin(counts, fromSeconds, toSeconds).length > 0) return [];
    const seconds = setSeconds(cues.slice(fromCue, toCue));
    // Where a neighbour is as much longer, only the border between them was found in the wrong place.
    const own = shortBy(stretches[n]!, times);
    const besides = [stretches[n - 1], stretches[n + 1]].map((one) =>
      one ? own + Math.min(0, shortBy(one, times)) : own,
    );
    const real = setsThereWere(seconds, own, Math.min(...besides), times);
    const planned = seconds.length;
    return real === null
      ? []
      : [
          {
            kind: 'sets',
            startSeconds: fromSeconds,
            endSeconds: toSeconds,
            beatId,
            label,
            planned,
            real,
          },
        ];
  });
}
