import type { Run } from '$core';
import type { LandCue } from '$lib/terrain/landscape';

/** What really happened, as a walk that the terrain can draw: every stay at a cue, in order. */
export function realWalk(run: Run): readonly LandCue[] {
  const planned = new Map(run.plan.map((cue) => [cue.id, cue]));
  return run.leading.visits.flatMap(({ cueId, startSeconds, lengthSeconds }, index) => {
    const cue = planned.get(cueId);
    if (!cue || lengthSeconds <= 0) return [];
    return [{ ...cue, id: `${cueId}-${index}`, startSeconds, lengthSeconds }];
  });
}
