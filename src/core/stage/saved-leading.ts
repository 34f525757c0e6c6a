import { z } from 'zod';
import type { DeepReadonly } from '../model/deep-readonly';
import type { Cue } from '../cues/cue';
import { elapsedSeconds, prepareLeading, schedulePosition, type Leading } from './leading';
import { COUNTS_MODES, LINES_MODES } from './modes';

export const visitSchema = z.strictObject({
  cueId: z.string().max(80),
  startSeconds: z.number(),
  lengthSeconds: z.number().min(0),
  cutShort: z.boolean(),
});

/** What is kept of a session under way, so that a reload or a lost tab can go on. */
export const savedLeadingSchema = z.strictObject({
  lines: z.enum(LINES_MODES),
  holds: z.enum(LINES_MODES).optional(),
  counts: z.enum(COUNTS_MODES).optional(),
  sums: z.enum(LINES_MODES).optional(),
  done: z.boolean(),
  index: z.int().min(0),
  scheduleSeconds: z.number().min(0),
  /** Since the session was begun. */
  elapsedSeconds: z.number().min(0),
  enteredSeconds: z.number().min(0),
  visits: z.array(visitSchema).max(100_000),
});
export type SavedLeading = DeepReadonly<z.infer<typeof savedLeadingSchema>>;

export function saveLeading(leading: Leading, now: number): SavedLeading {
  return {
    lines: leading.lines,
    holds: leading.holds,
    counts: leading.counts,
    sums: leading.sums,
    done: leading.status === 'done',
    index: leading.index,
    scheduleSeconds: schedulePosition(leading, now),
    elapsedSeconds: elapsedSeconds(leading, now),
    enteredSeconds: Math.max(0, leading.enteredAt - leading.begunAt),
    visits: [...leading.visits],
  };
}

/**
 * The session as it was kept, paused at its place. `gapSeconds` is how long nobody was there: it
 * counts as a pause. `now` is the new clock's time. If the script has changed so that the place is
 * no longer there, the nearest one is taken.
 */
export function restoreLeading(
  cues: readonly Cue[],
  saved: SavedLeading,
  gapSeconds: number,
  now: number,
): Leading {
  const ready = prepareLeading(cues, saved);
  if (ready.status === 'done') return { ...ready, visits: saved.visits };
  const index = Math.min(saved.index, cues.length - 1);
  const begunAt = now - saved.elapsedSeconds - Math.max(0, gapSeconds);
  const cue = cues[index]!;
  const end = cue.startSeconds + cue.lengthSeconds;
  const schedule = Math.min(Math.max(saved.scheduleSeconds, cue.startSeconds), end);
  return {
    ...ready,
    status: saved.done ? 'done' : 'paused',
    index,
    anchor: { clock: now, schedule },
    begunAt,
    enteredAt: begunAt + saved.enteredSeconds,
    visits: saved.visits,
  };
}
