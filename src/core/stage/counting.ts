import type { Cue } from '../schedule/cue';
import { callsOf } from './calls';

/** Talking, showing and throwing take the time that they take. */
const UNCOUNTED: ReadonlySet<Cue['kind']> = new Set(['say', 'ask', 'show', 'draw']);

/** Counts are given to the millisecond's fraction: a rep that begins now has begun. */
const EPSILON_SECONDS = 1e-6;

/**
 * What the leader counts `intoSeconds` into a cue: for reps and steps the one being done (on from
 * 1, or back from the last), for timed work, holds, rests and drinks the whole seconds left, for
 * everything else nothing.
 */
export function countAt(cue: Cue, intoSeconds: number): number | null {
  const { doing } = cue;
  if (cue.kind === 'work' && doing && doing.secondsPerCount > 0) {
    const begun = Math.floor(intoSeconds / doing.secondsPerCount + EPSILON_SECONDS);
    const nth = Math.min(doing.amount, begun + 1);
    return doing.count === 'back' ? doing.amount - nth + 1 : nth;
  }
  if (UNCOUNTED.has(cue.kind)) return null;
  return Math.max(0, Math.ceil(cue.lengthSeconds - intoSeconds - EPSILON_SECONDS));
}

/** A sound that the stage makes at a moment of a cue. */
export type Tick = Readonly<{
  intoSeconds: number;
  sound: 'count' | 'last' | 'go' | 'change' | 'call';
}>;

/** Timed spans are counted down at their end: this many seconds. */
const LAST_SECONDS = 3;

function ticksFrom(start: number, every: number, times: number, sound: Tick['sound']): Tick[] {
  return Array.from({ length: times }, (_, n) => ({ intoSeconds: start + n * every, sound }));
}

/** Every sound of a cue, in order: the n-th at start + n x interval, never summed up. */
export function ticksOf(cue: Cue): readonly Tick[] {
  const { kind, lengthSeconds, doing } = cue;
  const whole = Math.floor(lengthSeconds);
  switch (kind) {
    case 'count-in':
      return ticksFrom(
        lengthSeconds - Math.min(whole, LAST_SECONDS),
        1,
        Math.min(whole, LAST_SECONDS),
        'count',
      );
    case 'work':
    case 'hold': {
      const go: Tick = { intoSeconds: 0, sound: 'go' };
      if (doing && doing.secondsPerCount > 0 && kind === 'work') {
        const { amount, secondsPerCount } = doing;
        return [go, ...ticksFrom(secondsPerCount, secondsPerCount, Math.ceil(amount) - 1, 'count')];
      }
      const last = Math.min(LAST_SECONDS, Math.max(0, whole - 1));
      const calls = callsOf(cue).map(([, intoSeconds]): Tick => ({ intoSeconds, sound: 'call' }));
      return [go, ...calls, ...ticksFrom(lengthSeconds - last, 1, last, 'last')];
    }
    case 'rest':
    case 'drink':
    case 'change':
    case 'swap':
      return [{ intoSeconds: 0, sound: 'change' }];
    default:
      return [];
  }
}
