import { isCountedWork } from '../../cues/cue';
import type { Move } from '../../model/move';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { seenAt } from '../in-a-row';

/** How far children count aloud with the leader, by the age of the youngest. Common practice. */
const COUNTS_TO: Readonly<Record<number, number>> = { 3: 10, 4: 20, 5: 30 };

/** A shorter rep is a step of a walk or a march. Our own judgement. */
const QUICK_STEP_SECONDS = 0.8;

/** Steps as quick as these are danced, not counted one by one. */
export const isQuickStep = ({ family }: Move, seconds: number) =>
  family === 'travelling' && seconds < QUICK_STEP_SECONDS;

/** What is counted aloud goes beyond what the youngest can count with. */
export function checkCounts(context: FindingContext): Seen[] {
  const { from } = context.setting.ages;
  const most = COUNTS_TO[from];
  if (most === undefined) return [];
  const told = new Set<string>();
  return context.turns.flatMap((turn): Seen[] => {
    const { part, amount } = turn.doing;
    if (!isCountedWork(turn.cue) || isQuickStep(turn.move, turn.doing.secondsPerCount)) return [];
    if (amount <= most || told.has(part)) return [];
    told.add(part);
    return [seenAt(turn, 'think', { amount, most, age: from })];
  });
}
