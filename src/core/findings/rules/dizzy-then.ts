import { isCountedWork } from '../../cues/cue';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { seenAt, type Turn } from '../in-a-row';

/** Moves that go round and round, by what they are called. */
const ROUND = /\b(?:spin|spins|twirl|twirls|whirl|whirls|roll|rolls|slow turn|turns?)\b/iu;
/** Where the thing goes round, or only a head or a shoulder, nobody gets dizzy. */
const NOT_DIZZY: ReadonlySet<string> = new Set([
  'handling',
  'rhythm',
  'stretch',
  'breath',
  'shape',
]);
/** A giddy head is steady again after about so long, standing and looking. Our own judgement. */
const STEADY_SECONDS = 25;

const isDizzying = ({ move, doing }: Pick<Turn, 'move' | 'doing'>) =>
  !NOT_DIZZY.has(move.family) &&
  move.landingsPerRep === 0 &&
  (ROUND.test(move.name) || ROUND.test(doing.name));

/** Once round, and once the other way, leaves nobody giddy. Our own judgement. */
const LEAST_ROUNDS = 2;
const isMore = ({ cue, doing }: Turn) =>
  isCountedWork(cue) ? doing.amount >= LEAST_ROUNDS : cue.lengthSeconds >= LEAST_ROUNDS * 2;

const needsBalance = ({ move, cue }: Turn) =>
  move.landingsPerRep > 0 || (cue.kind === 'hold' && move.family === 'balancing');

/** A spin or a roll, and straight afterwards a balance or a jump. */
export function checkDizzy(context: FindingContext): Seen[] {
  const { turns } = context;
  return turns.flatMap((turn, n): Seen[] => {
    const before = turns[n - 1];
    if (!before || !isDizzying(before) || !isMore(before) || !needsBalance(turn)) return [];
    if (turn.gapSeconds >= STEADY_SECONDS) return [];
    return [seenAt(turn, 'mend', { before: before.doing.name })];
  });
}
