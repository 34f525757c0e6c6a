import {
  homeSchedule,
  sayingsOf,
  type Adventure,
  type DrawsByBeat,
  type Pace,
  type Schedule,
  type Sum,
} from '$core';

const fromMap = <T>(map: ReadonlyMap<string, T>): Record<string, T> => Object.fromEntries(map);

/** A schedule as plain JSON, with its lane of words; maps become objects. */
export function scheduleAnswer(
  adventure: Adventure,
  schedule: Schedule,
  pace: Pace,
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
    said: sayingsOf(schedule.cues, pace),
    totalSeconds: schedule.totalSeconds,
    homeSeconds: homeSchedule(adventure, adventure.setting, pace)?.totalSeconds ?? null,
    totals,
  };
}
