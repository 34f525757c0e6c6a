import { z } from 'zod';
import type { DeepReadonly } from '../model/deep-readonly';
import type { Cue } from '../cues/cue';
import type { Visit } from './leading';

/** What is thought of a take: it will do, or it is filmed again. */
export const TAKE_MARKS = ['good', 'again'] as const;
export type TakeMark = (typeof TAKE_MARKS)[number];

export const MOST_TAKES = 2000;

/** One filming of a beat. `startedAt` is the time of day, ISO 8601 in UTC. */
export const takeSchema = z.strictObject({
  beatId: z.string().max(120),
  startedAt: z.iso.datetime(),
  lengthSeconds: z.number().min(0),
  mark: z.enum(TAKE_MARKS).nullable(),
});
export type Take = DeepReadonly<z.infer<typeof takeSchema>>;

/** A take that has just ended, at a time of day in ISO 8601; nothing is thought of it yet. */
export function takeEndedAt(beatId: string, endedAt: string, lengthSeconds: number): Take {
  const startedAt = new Date(Date.parse(endedAt) - lengthSeconds * 1000).toISOString();
  return { beatId, startedAt, lengthSeconds, mark: null };
}

/** The take of each beat that counts: the last good one, else the last that is not to be done again. */
export function takesThatCount(takes: readonly Take[]): ReadonlyMap<string, Take> {
  const counting = new Map<string, Take>();
  for (const take of takes) {
    if (take.mark === 'again') continue;
    const before = counting.get(take.beatId);
    if (take.mark === 'good' || before?.mark !== 'good') counting.set(take.beatId, take);
  }
  return counting;
}

/**
 * Stays at the cues of a film put together from the takes that count, one after another in the order of
 * the script: each cue as long as planned, the one in which the take ended cut short or drawn out.
 */
export function visitsOfFilm(cues: readonly Cue[], takes: readonly Take[]): readonly Visit[] {
  const visits: Visit[] = [];
  let startSeconds = 0;
  const counting = takesThatCount(takes);
  for (const beatId of new Set(cues.map((cue) => cue.beatId))) {
    const own = cues.filter((cue) => cue.beatId === beatId);
    let left = counting.get(beatId)?.lengthSeconds ?? 0;
    for (const [n, cue] of own.entries()) {
      if (left <= 0) break;
      const length = n === own.length - 1 ? left : Math.min(left, cue.lengthSeconds);
      const cutShort = length < cue.lengthSeconds;
      visits.push({ cueId: cue.id, startSeconds, lengthSeconds: length, cutShort });
      startSeconds += length;
      left -= length;
    }
  }
  return visits;
}
