import type { Tempo } from '../model/dose';
import type { Doing } from './cue';
import { TIMINGS } from './timing';

const { slowTempo, fastTempo } = TIMINGS;

/** Seconds from one count to the next in a tempo, on average, for a move that usually takes `each`. */
export function secondsInTempo(tempo: Tempo, each: number): number {
  if (typeof tempo === 'number') return 60 / tempo;
  switch (tempo) {
    case 'slow':
      return each * slowTempo.usual;
    case 'fast':
      return each * fastTempo.usual;
    case 'faster':
      return (each * (slowTempo.usual + fastTempo.usual)) / 2;
    case 'usual':
      return each;
  }
}

/**
 * How long a count lasts that begins a set which gets faster, and how much shorter each next one is,
 * so that `amount` of them take the time of the average one: from slow to fast in even steps.
 */
function quickening({ tempo, secondsPerCount, amount }: Doing): readonly [number, number] {
  if (tempo !== 'faster' || amount < 2) return [secondsPerCount, 0];
  const first = (secondsPerCount * 2 * slowTempo.usual) / (slowTempo.usual + fastTempo.usual);
  return [first, (2 * (first - secondsPerCount)) / (amount - 1)];
}

/** Seconds from the start of a counted turn to the end of its n-th count. */
export function secondsToCount(doing: Doing, n: number): number {
  const [first, less] = quickening(doing);
  return n * first - (less * n * (n - 1)) / 2;
}

/** How many counts are over, so many seconds into a counted turn. */
export function countsDone(doing: Doing, intoSeconds: number): number {
  const [first, less] = quickening(doing);
  if (less === 0) return Math.floor(intoSeconds / first);
  const half = first + less / 2;
  const root = Math.sqrt(Math.max(0, half * half - 2 * less * intoSeconds));
  return Math.floor((half - root) / less);
}
