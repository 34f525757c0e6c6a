import { type Cue, isCountedWork } from '../cues/cue';
import type { CountedSet } from '../log/reviewed';
import { median, toTenth } from '../words/middle';
import { countedTo } from './counting-aloud';
import type { Laid } from './lay';
import { countsWithin } from './real-cues';

/** Sets of fewer are seldom counted aloud, and prove nothing. */
const FEWEST = 4;

/**
 * Reps counted aloud against the plan, set by set. Counts that are heard in a stretch belong to its sets
 * in order; where fewer are heard than there are sets, each to the one that its number fits best.
 */
export function countedSets(
  { segments, alignment, counts }: Laid,
  cues: readonly Cue[],
): readonly CountedSet[] {
  return alignment.found.flatMap(({ segment, fromSeconds, toSeconds }) => {
    const { fromCue, toCue, beatId, variants } = segments[segment]!;
    // Where nobody knows what came, nobody knows how many it should have been.
    if (variants.length > 1) return [];
    const sets = cues
      .slice(fromCue, toCue)
      .filter((cue) => isCountedWork(cue) && cue.doing!.amount >= FEWEST);
    const heard = countsWithin(counts, fromSeconds, toSeconds);
    const taken = new Map<number, (typeof heard)[number]>();
    let least = 0;
    heard.forEach((count, n) => {
      const last = sets.length - (heard.length - n);
      let best = least;
      const off = (k: number) => Math.abs(sets[k]!.doing!.amount - countedTo(count));
      for (let k = least; k <= Math.max(least, last) && k < sets.length; k += 1) {
        if (off(k) < off(best)) best = k;
      }
      if (best < sets.length && !taken.has(best)) {
        taken.set(best, count);
        least = best + 1;
      }
    });
    return sets.map((cue, n): CountedSet => {
      const count = taken.get(n);
      const doing = cue.doing!;
      const steps = count?.atSeconds.slice(1).map((at, k) => at - count.atSeconds[k]!) ?? [];
      return {
        beatId,
        part: doing.part,
        move: doing.move,
        name: doing.name,
        round: doing.round.n,
        set: doing.set.n,
        side: doing.side,
        planned: Math.round(doing.amount),
        counted: count ? countedTo(count) : null,
        startSeconds: toTenth(count?.startSeconds ?? fromSeconds),
        secondsPerCount: steps.length > 0 ? median(steps) : null,
      };
    });
  });
}
