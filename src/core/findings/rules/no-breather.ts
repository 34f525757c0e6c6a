import { forSeconds, beatOf, insertBefore } from '../mending';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { LIVELY, secondsOf, seenAt, stretchesOf } from '../in-a-row';

/** Lively moves one after another, so many and so long, want a breath. Our own judgement. */
const MOST_PARTS = 2;
const LEAST_SECONDS = 40;
/** A shorter pause is no breath. */
const BREATH_SECONDS = 6;

/** Three lively ones in a row, without a breath between. */
export function checkBreath(context: FindingContext): Seen[] {
  const lively = stretchesOf(
    context.turns,
    ({ move, cue }) =>
      // What chance calls is lively on purpose, and waits for the next call.
      move.effort >= LIVELY && context.beats.get(cue.beatId)?.kind !== 'draw',
    BREATH_SECONDS,
  );
  const firstOf = new Map<string, string>();
  for (const { beatId, doing } of context.schedule.cues) {
    if (doing && !firstOf.has(beatId)) firstOf.set(beatId, doing.part);
  }
  return lively.flatMap((stretch): Seen[] => {
    const parts = [...new Set(stretch.map(({ doing }) => doing.part))];
    if (parts.length <= MOST_PARTS || secondsOf(stretch) < LEAST_SECONDS) return [];
    const third = stretch.find(({ doing }) => doing.part === parts[MOST_PARTS])!;
    const { beatId } = third.cue;
    // Within one line only a person can part them.
    const fix: Seen['fix'] =
      firstOf.get(beatId) === third.doing.part
        ? (now, newId) =>
            insertBefore(now, beatId, [beatOf('balloon-breath', forSeconds(12), newId)])
        : null;
    return [
      seenAt(third, 'think', { count: parts.length, seconds: Math.round(secondsOf(stretch)) }, fix),
    ];
  });
}
