import { isCountedWork, type Cue } from '../cues/cue';
import { countsDone, secondsToCount } from '../cues/tempo';
import { callsOf } from './calls';

/** Talking, showing and throwing take the time that they take. */
const UNCOUNTED: ReadonlySet<Cue['kind']> = new Set(['say', 'ask', 'show', 'draw']);

/** Counts are given to the millisecond's fraction: a rep that begins now has begun. */
const EPSILON_SECONDS = 1e-6;

/** The rep that is being done, from 1. */
function nthAt({ doing }: Cue, intoSeconds: number): number {
  return Math.min(doing!.amount, countsDone(doing!, intoSeconds + EPSILON_SECONDS) + 1);
}

/** Timed spans are counted down at their end: this many seconds. */
const LAST_SECONDS = 3;

/** How full the ring round the count is, 0 to 1: it fills rep by rep, or runs out with the time. */
export function shareAt(cue: Cue, intoSeconds: number): number {
  if (isCountedWork(cue)) return nthAt(cue, intoSeconds) / cue.doing!.amount;
  return cue.lengthSeconds > 0 ? 1 - intoSeconds / cue.lengthSeconds : 0;
}

/**
 * What the leader counts `intoSeconds` into a cue: for reps and steps the one being done (on from
 * 1, or back from the last), for timed work, holds, rests and drinks the whole seconds left, for
 * everything else nothing.
 */
export function countAt(cue: Cue, intoSeconds: number): number | null {
  if (isCountedWork(cue)) {
    const nth = nthAt(cue, intoSeconds);
    const { amount, count } = cue.doing!;
    return count === 'back' ? amount - nth + 1 : nth;
  }
  if (UNCOUNTED.has(cue.kind)) return null;
  if (cue.kind === 'count-in') {
    const left = cue.lengthSeconds - intoSeconds - EPSILON_SECONDS;
    return Math.max(0, Math.ceil(left / countInStep(cue)));
  }
  return Math.max(0, Math.ceil(cue.lengthSeconds - intoSeconds - EPSILON_SECONDS));
}

/** "3-2-1", a second each, or as much faster as it is spoken. */
function countInStep({ lengthSeconds }: Cue): number {
  return Math.min(1, lengthSeconds / LAST_SECONDS);
}

/** A sound that the stage makes at a moment of a cue. */
export type Tick = Readonly<{
  intoSeconds: number;
  sound: 'count' | 'last' | 'go' | 'change' | 'call';
}>;

function ticksFrom(start: number, every: number, times: number, sound: Tick['sound']): Tick[] {
  return Array.from({ length: times }, (_, n) => ({ intoSeconds: start + n * every, sound }));
}

/** Every sound of a cue, in order: the n-th at start + n x interval, never summed up. */
export function ticksOf(cue: Cue): readonly Tick[] {
  const { kind, lengthSeconds } = cue;
  const whole = Math.floor(lengthSeconds);
  switch (kind) {
    case 'count-in': {
      const step = countInStep(cue);
      return ticksFrom(lengthSeconds - LAST_SECONDS * step, step, LAST_SECONDS, 'count');
    }
    case 'work':
    case 'hold': {
      const go: Tick = { intoSeconds: 0, sound: 'go' };
      if (isCountedWork(cue)) {
        const { doing } = cue;
        const counts = Array.from({ length: Math.ceil(doing!.amount) - 1 }, (_, n): Tick => {
          return { intoSeconds: secondsToCount(doing!, n + 1), sound: 'count' };
        });
        return [go, ...counts];
      }
      const last = Math.min(LAST_SECONDS, Math.max(0, whole - 1));
      const calls = callsOf(cue).map(([, intoSeconds]): Tick => ({ intoSeconds, sound: 'call' }));
      return [go, ...calls, ...ticksFrom(lengthSeconds - last, 1, last, 'last')];
    }
    case 'rest':
    case 'drink':
    case 'setup':
    case 'change':
    case 'swap':
      return [{ intoSeconds: 0, sound: 'change' }];
    default:
      return [];
  }
}
