import { isRoomForWords, quietIn, type Cue, type CueKind } from '../cues/cue';
import { spreadOf, TIMINGS, type Timing } from '../cues/timing';
import { isCounted } from '../model/dose';
import type { Variation } from './variation';

/** The numbers that a stretch of cues comes to, by what may vary in them. */
export const SPANS = [
  /** Seconds of speech and showing. */
  'talk',
  /** Seconds of work that is counted or walked. */
  'paced',
  /** Seconds by the clock: timed work, holds, rests, count-ins. */
  'clock',
  /** Seconds in the children's hands: change-overs, swaps, drinks, waits, throws. */
  'loose',
  /** How much single moments vary by themselves: the sum of their variances. */
  'variance',
  /** Seconds in which something could be said meanwhile, and nothing is. */
  'quiet',
  'reps',
  'landings',
  /** Seconds at effort 4 and 5, of paced work and of work by the clock. */
  'livelyPaced',
  'livelyClock',
] as const;
export type SpanName = (typeof SPANS)[number];
export const SPAN: Readonly<Record<SpanName, number>> = Object.fromEntries(
  SPANS.map((name, n) => [name, n]),
) as Record<SpanName, number>;

/** One number for each of SPANS, in their order. */
export type Spans = Float64Array;

const LIVELY = 4;

function spanOf({ kind, doing }: Cue): 'talk' | 'paced' | 'clock' | 'loose' {
  if (kind === 'say' || kind === 'show') return 'talk';
  if (kind === 'work') {
    return doing && (isCounted(doing.unit) || doing.unit === 'metres') ? 'paced' : 'clock';
  }
  return kind === 'hold' || kind === 'rest' || kind === 'count-in' ? 'clock' : 'loose';
}

/** What a moment varies like that is nobody's speech or work. */
const MOMENTS: Readonly<Partial<Record<CueKind, Timing>>> = {
  ask: TIMINGS.questionWait,
  swap: TIMINGS.swap,
  drink: TIMINGS.drink,
  setup: TIMINGS.setUp,
  draw: TIMINGS.childThrow,
  change: TIMINGS.changeToFloor,
  show: TIMINGS.show,
};
const SHARES = new Map(
  Object.entries(MOMENTS).map(([kind, timing]) => [kind as CueKind, spreadOf(timing)]),
);

/** Variance of a cue's length by itself, in square seconds. */
function varianceOf({ kind, lengthSeconds }: Cue): number {
  return ((SHARES.get(kind) ?? 0) * lengthSeconds) ** 2;
}

/** What cues come to. `overThrows`: something can be said while somebody throws. */
export function spansOf(cues: readonly Cue[], overThrows = false): Spans {
  const spans = new Float64Array(SPANS.length);
  for (const cue of cues) {
    const name = spanOf(cue);
    spans[SPAN[name]]! += cue.lengthSeconds;
    spans[SPAN.variance]! += varianceOf(cue);
    if (isRoomForWords(cue.kind, overThrows)) spans[SPAN.quiet]! += quietIn(cue).freeSeconds;
    spans[SPAN.reps]! += cue.reps;
    spans[SPAN.landings]! += cue.landings;
    if (cue.effort < LIVELY) continue;
    if (name === 'paced') spans[SPAN.livelyPaced]! += cue.lengthSeconds;
    if (name === 'clock') spans[SPAN.livelyClock]! += cue.lengthSeconds;
  }
  return spans;
}

/** Variance of the length of a session with these sums, in square seconds. */
export function lengthVariance(spans: Spans, vary: Variation): number {
  const [talk, paced, loose] = [spans[SPAN.talk]!, spans[SPAN.paced]!, spans[SPAN.loose]!];
  return (
    (vary.talk * talk) ** 2 +
    (vary.tempo * paced) ** 2 +
    (vary.group * loose) ** 2 +
    (vary.unplanned * (talk + paced + loose)) ** 2 +
    (vary.moments ? spans[SPAN.variance]! : 0)
  );
}
