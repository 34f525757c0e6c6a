import { DEFAULT_PACE } from '../cues/pace';
import { sayingsOf } from '../cues/saying';
import { isCountedWork, isOwnWork, isWork, type Cue } from '../cues/cue';
import { toTenth } from '../words/middle';
import type { Shares } from '../log/reviewed';
import type { CountAloud } from './counting-aloud';
import type { Laid } from './lay';

/** A cue with when it really was, in seconds of the recording. */
export type RealCue = Readonly<{ cue: Cue; startSeconds: number; endSeconds: number }>;

/** The counts that were heard in a stretch of the recording. */
export function countsWithin(
  counts: readonly CountAloud[],
  from: number,
  to: number,
): readonly CountAloud[] {
  return counts.filter(({ startSeconds }) => startSeconds >= from - 0.5 && startSeconds < to);
}

/**
 * Every cue that was led, in the order of the recording. Within a stretch that was found, each cue has
 * its share of the time; where as many counts are heard as sets are counted, work lies where it was counted.
 */
export function realCues(
  { segments, alignment, counts }: Laid,
  cues: readonly Cue[],
): readonly RealCue[] {
  return alignment.found.flatMap(({ segment, fromSeconds, toSeconds }) => {
    const { fromCue, toCue } = segments[segment]!;
    const own = cues.slice(fromCue, toCue);
    const heard = countsWithin(counts, fromSeconds, toSeconds);
    const counted = own.filter(isCountedWork);
    const anchors: (readonly [planned: number, real: number])[] = [[0, fromSeconds]];
    const planned = own.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
    if (heard.length === counted.length) {
      heard.forEach((count, n) => {
        const cue = counted[n]!;
        const begins = cue.startSeconds - own[0]!.startSeconds;
        anchors.push([begins, count.startSeconds], [begins + cue.lengthSeconds, count.endSeconds]);
      });
    }
    anchors.push([planned, toSeconds]);
    const real = (at: number) => {
      let n = 0;
      while (n < anchors.length - 2 && anchors[n + 1]![0] <= at) n += 1;
      const [[fromPlanned, from], [toPlanned, to]] = [anchors[n]!, anchors[n + 1]!];
      const share = toPlanned > fromPlanned ? (at - fromPlanned) / (toPlanned - fromPlanned) : 0;
      return Math.min(toSeconds, Math.max(fromSeconds, from + Math.min(1, share) * (to - from)));
    };
    let now = fromSeconds;
    return own.map((cue): RealCue => {
      const at = cue.startSeconds - own[0]!.startSeconds;
      const startSeconds = Math.max(now, real(at));
      const endSeconds = Math.max(startSeconds, real(at + cue.lengthSeconds));
      now = endSeconds;
      return { cue, startSeconds, endSeconds };
    });
  });
}

/** How long it really was, in seconds. */
export const lasts = ({ startSeconds, endSeconds }: RealCue) => endSeconds - startSeconds;

/** Effort from which on children move: 1 is still. */
const MOVES = 2;

/** A share of the whole, 0 to 1, to a thousandth. */
const shareOf = (seconds: number, wholeSeconds: number) =>
  Math.min(1, Math.round((seconds / Math.max(1, wholeSeconds)) * 1000) / 1000);

/** Shares of the plan in which children move, and in which somebody talks. */
export function plannedShares(
  cues: readonly Cue[],
  totalSeconds: number,
): Pick<Shares, 'plannedMoving' | 'plannedTalking'> {
  const sum = (all: readonly Readonly<{ lengthSeconds: number }>[]) =>
    all.reduce((seconds, { lengthSeconds }) => seconds + lengthSeconds, 0);
  return {
    plannedMoving: shareOf(
      sum(cues.filter((cue) => isWork(cue) && cue.effort >= MOVES)),
      totalSeconds,
    ),
    plannedTalking: shareOf(sum(sayingsOf(cues, DEFAULT_PACE)), totalSeconds),
  };
}

/** How the recording was spent; `speech` is when somebody talked in it. */
export function sharesOf(
  real: readonly RealCue[],
  speech: readonly Readonly<{ startSeconds: number; endSeconds: number }>[],
  endSeconds: number,
): Omit<Shares, 'plannedMoving' | 'plannedTalking'> {
  const moving = real.filter(({ cue }) => isWork(cue) && cue.effort >= MOVES);
  const side = (name: 'left' | 'right') =>
    real
      .filter(({ cue }) => isOwnWork(cue) && cue.doing?.side === name)
      .reduce((sum, one) => sum + lasts(one), 0);
  let longestStillSeconds = 0;
  let longestStillAt = 0;
  let still = 0;
  for (const stop of [
    ...moving.map((one) => [one.startSeconds, one.endSeconds] as const),
    [endSeconds, endSeconds] as const,
  ].sort((a, b) => a[0] - b[0])) {
    if (stop[0] - still > longestStillSeconds) {
      longestStillSeconds = stop[0] - still;
      longestStillAt = still;
    }
    still = Math.max(still, stop[1]);
  }
  return {
    moving: shareOf(
      moving.reduce((sum, one) => sum + lasts(one), 0),
      endSeconds,
    ),
    talking: shareOf(
      speech.reduce((sum, one) => sum + one.endSeconds - one.startSeconds, 0),
      endSeconds,
    ),
    longestStillSeconds: toTenth(longestStillSeconds),
    longestStillAt: toTenth(longestStillAt),
    leftSeconds: toTenth(side('left')),
    rightSeconds: toTenth(side('right')),
  };
}
