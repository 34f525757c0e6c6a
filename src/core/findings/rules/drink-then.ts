import { cueEndSeconds } from '../../cues/cue';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { seenAt, type Turn } from '../in-a-row';

/** Moves with the head below the middle, or over the tummy. */
const HEADS_DOWN: ReadonlySet<string> = new Set([
  'forward-roll',
  'over-shoulder-roll',
  'teddy-roll',
  'egg-roll',
  'log-roll',
  'down-dog',
  'donkey-kick',
  'bridge-shape',
  'back-bridge',
  'rocking-chair',
]);
/** So long after a drink a full tummy is settled enough. Our own judgement. */
const SETTLED_SECONDS = 60;

const isHeadsDown = ({ move, doing }: Turn) =>
  HEADS_DOWN.has(move.id) || (move.family === 'floor' && /\brolls?\b/iu.test(doing.name));

/** A drink, and soon afterwards a roll or heads down. */
export function checkDrinkThen(context: FindingContext): Seen[] {
  // Few turns are: a drink looks at those alone.
  const turns = context.turns.filter(isHeadsDown);
  return context.schedule.cues
    .filter(({ kind }) => kind === 'drink')
    .flatMap((drink): Seen[] => {
      const end = cueEndSeconds(drink);
      const soon = turns.find(
        (turn) => turn.cue.startSeconds >= end && turn.cue.startSeconds < end + SETTLED_SECONDS,
      );
      if (!soon) return [];
      return [seenAt(soon, 'mend', { seconds: Math.round(soon.cue.startSeconds - end) })];
    });
}
