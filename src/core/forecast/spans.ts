import { isCounted } from '../model/dose';
import type { Cue } from '../cues/cue';

/** The numbers that a stretch of cues comes to, by what may vary in them. */
export const SPANS = [
  /** Seconds of speech and showing. */
  'talk',
  /** Seconds of work that is counted or walked. */
  'paced',
  /** Seconds by the clock: timed work, holds, rests, count-ins. */
  'clock',
  /** Seconds in the children's hands: change-overs, swaps, drinks, waits, throws; their squares. */
  'loose',
  'looseSquares',
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

/** What cues come to. */
export function spansOf(cues: readonly Cue[]): Spans {
  const spans = new Float64Array(SPANS.length);
  for (const cue of cues) {
    const name = spanOf(cue);
    spans[SPAN[name]]! += cue.lengthSeconds;
    if (name === 'loose') spans[SPAN.looseSquares]! += cue.lengthSeconds ** 2;
    spans[SPAN.reps]! += cue.reps;
    spans[SPAN.landings]! += cue.landings;
    if (cue.effort < LIVELY) continue;
    if (name === 'paced') spans[SPAN.livelyPaced]! += cue.lengthSeconds;
    if (name === 'clock') spans[SPAN.livelyClock]! += cue.lengthSeconds;
  }
  return spans;
}
