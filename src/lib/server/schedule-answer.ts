import type { Adventure, DrawsByBeat, Schedule, Sum } from '$core';

const fromMap = <T>(map: ReadonlyMap<string, T>): Record<string, T> => Object.fromEntries(map);

/** A schedule as plain JSON: maps become objects. */
export function scheduleAnswer(
  adventure: Adventure,
  schedule: Schedule,
  draws: DrawsByBeat,
  seed: number | null,
) {
  const { all, ...parts } = schedule.totals;
  const totals: Record<string, Sum | Record<string, Sum>> = { all };
  for (const [name, sums] of Object.entries(parts)) totals[name] = fromMap(sums);
  return {
    seed,
    adventure,
    draws: fromMap(draws),
    cues: schedule.cues,
    totalSeconds: schedule.totalSeconds,
    totals,
  };
}
