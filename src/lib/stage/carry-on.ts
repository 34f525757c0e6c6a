import type { Cue, Run } from '$core';

/** Where a session goes on that was left: there; or, in a script that was changed since, elsewhere. */
export type CarriedOn = 'there' | 'its beat' | 'the next' | 'the end';

/**
 * The cue at which a session goes on: the one that it was left at; else the first of its beat; else the
 * first of the next beat of the old plan that is still there; else the last cue.
 */
export function placeIn(
  cues: readonly Pick<Cue, 'id' | 'beatId'>[],
  { plan, leading }: Pick<Run, 'plan'> & { leading: Pick<Run['leading'], 'index'> },
): Readonly<{ index: number; where: CarriedOn }> {
  const was = plan[leading.index];
  const there = cues.findIndex(({ id }) => id === was?.id);
  if (there >= 0) return { index: there, where: 'there' };
  for (const { beatId } of plan.slice(leading.index)) {
    const index = cues.findIndex((cue) => cue.beatId === beatId);
    if (index >= 0) return { index, where: beatId === was?.beatId ? 'its beat' : 'the next' };
  }
  return { index: Math.max(0, cues.length - 1), where: 'the end' };
}
