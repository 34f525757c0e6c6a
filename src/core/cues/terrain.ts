import type { Cue } from './cue';

/** Effort is averaged over this many seconds to each side, so that a ridge has shoulders. */
export const SHOULDER_SECONDS = 8;

/** The height of the terrain at a moment: effort from 1 (still) to 5 (strenuous), smoothed. */
export type TerrainPoint = Readonly<{ atSeconds: number; height: number }>;

/**
 * Running integral of effort over time at `at`, by the cue that covers it. Before the start and
 * after the end the land is flat at 1.
 */
function integralAt(cues: readonly Cue[], sums: readonly number[], at: number, from: number) {
  let index = from;
  const last = cues.length - 1;
  while (index < last && cues[index + 1]!.startSeconds <= at) index += 1;
  const cue = cues[index]!;
  const end = cue.startSeconds + cue.lengthSeconds;
  const inside = Math.min(at, end) - cue.startSeconds;
  return { index, value: sums[index]! + inside * cue.effort + Math.max(0, at - end) };
}

/**
 * `samples` evenly spaced points (two at least) from the start to the end of the cues: at each
 * the mean effort within SHOULDER_SECONDS, exact over the cues, not a sum of samples. No cues, no
 * points.
 */
export function terrainOf(cues: readonly Cue[], samples: number): readonly TerrainPoint[] {
  const last = cues.at(-1);
  if (!last) return [];
  const totalSeconds = last.startSeconds + last.lengthSeconds;
  const shoulder = Math.min(SHOULDER_SECONDS, totalSeconds / 8);
  const sums: number[] = [];
  let sum = 0;
  for (const cue of cues) {
    sums.push(sum);
    sum += cue.lengthSeconds * cue.effort;
  }
  const points: TerrainPoint[] = [];
  let low = 0;
  let high = 0;
  for (let n = 0; n < samples; n += 1) {
    const atSeconds = (n / (samples - 1)) * totalSeconds;
    const left = integralAt(cues, sums, Math.max(0, atSeconds - shoulder), low);
    const right = integralAt(cues, sums, atSeconds + shoulder, high);
    low = left.index;
    high = right.index;
    const before = Math.max(0, shoulder - atSeconds);
    points.push({ atSeconds, height: (right.value - left.value + before) / (2 * shoulder) });
  }
  return points;
}
