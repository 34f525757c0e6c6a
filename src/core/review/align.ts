import type { Chunk } from './chunks';
import type { VariantEvidence } from './evidence';
import type { Segment } from './listening';

/** Where a segment was found. */
export type Found = Readonly<{
  segment: number;
  fromSeconds: number;
  toSeconds: number;
  /** Which of its variants. */
  variant: number;
  /** It stands where the script does not have it. */
  elsewhere: boolean;
}>;

export type Alignment = Readonly<{
  /** In the order of the recording. */
  found: readonly Found[];
  /** For each segment, how much likelier it was led than left out, in nats. */
  led: Float64Array;
}>;

/** A start that is set by hand, in seconds, or that it was left out, by the segment's place. */
export type Pins = ReadonlyMap<number, number | 'left out'>;

/** How a recording may differ from the script, in nats. Our own judgement, tried on made recordings. */
const COSTS = {
  /** Something is left out, beside each segment's own cost. */
  skip: 1.2,
  /** Something is done where the script does not have it. */
  elsewhere: 7,
  /** Talk that is not in the script, and a second of it. */
  besides: 0.7,
  besidesSecond: 0.012,
} as const;
/** Standard deviation of how long something takes, as a logarithm. */
const SPREAD = 0.48;
/** Seconds that anything may take longer or shorter. */
const LOOSE_SECONDS = 1.5;
const LONGEST_TIMES = 4;
const LONGEST_MORE_SECONDS = 25;
/** Talk besides goes on in stretches of at most so long. */
const BESIDES_SECONDS = 20;
/** What is found elsewhere lasts at least this share of its time, and has so much that speaks for it. */
const ELSEWHERE_SHARE = 0.4;
const ELSEWHERE_WORTH = 4;
/** Ways so much less likely than the best are not followed, in nats. */
const BEAM = 60;
const PINNED = 500;
/** A term that is heard again adds this share, so often at most. */
const AGAIN = 0.2;
const MOST_AGAIN = 4;

const NONE = -1e9;

/** How likely a length is, against the expected one: a log-normal density without its constant. */
function lengthWorth(seconds: number, expected: number): number {
  const off = Math.log((seconds + LOOSE_SECONDS) / (expected + LOOSE_SECONDS)) / SPREAD;
  return -(off * off) / 2;
}

/**
 * Lays segments along chunks: the likeliest way to lead the script so that this is heard, by dynamic
 * programming over a lattice of chunks and segments (a hidden semi-Markov model, Viterbi's way). The
 * order is kept; segments may be left out; one that is plainly heard elsewhere is found there. The time
 * and the memory it takes grow with chunks times segments.
 */
export function align(
  segments: readonly Segment[],
  secondsEach: readonly number[],
  evidence: readonly (readonly VariantEvidence[])[],
  chunks: readonly Chunk[],
  endSeconds: number,
  pins: Pins = new Map(),
): Alignment {
  const N = chunks.length;
  const S = segments.length;
  const at = (chunk: number) => (chunk < N ? chunks[chunk]!.startSeconds : endSeconds);
  const width = S + 1;
  const cells = (N + 1) * width;
  const led = new Float32Array(cells).fill(NONE);
  const skipping = new Float32Array(cells).fill(NONE);
  /** Where the best way to a cell came from: the chunk, and the segment done elsewhere, or -1, or -2. */
  const fromChunk = new Int32Array(cells).fill(-1);
  const fromWhat = new Int32Array(cells).fill(-3);

  const pinnedChunk = new Map<number, number>();
  for (const [segment, pin] of pins) {
    if (pin === 'left out') continue;
    let best = 0;
    for (let n = 1; n < N; n += 1) if (Math.abs(at(n) - pin) < Math.abs(at(best) - pin)) best = n;
    pinnedChunk.set(segment, best);
  }
  const pinWorth = (segment: number, chunk: number): number => {
    const pin = pins.get(segment);
    if (pin === undefined) return 0;
    if (pin === 'left out') return -PINNED;
    return pinnedChunk.get(segment) === chunk ? 0 : -PINNED;
  };
  const skipWorth = segments.map(({ skipCost }, n) => {
    const pin = pins.get(n);
    if (pin === undefined) return -skipCost;
    return pin === 'left out' ? 0 : -PINNED;
  });

  // One start, all segments, all ends: what each span is worth. Filled anew for each start.
  const spans: Float32Array[] = segments.map(() => new Float32Array(0));
  const spanLength = new Int32Array(S);
  const besides = new Float32Array(N + 2);
  const besidesWhat = new Int32Array(N + 2);
  let besidesLength = 0;
  const seen: Int32Array[] = [];
  const times: Int32Array[] = [];
  const firstHit: Int32Array[] = [];
  let most = 0;
  segments.forEach((_, n) => {
    for (const { terms } of evidence[n]!) most = Math.max(most, terms);
  });
  seen.push(new Int32Array(most).fill(-1));
  times.push(new Int32Array(most));
  for (const variants of evidence) firstHit.push(new Int32Array(variants.length));
  let stamp = 0;

  const fill = (start: number) => {
    besidesLength = 0;
    for (let end = start + 1; end <= N; end += 1) {
      const seconds = at(end) - at(start);
      if (seconds > BESIDES_SECONDS && end > start + 1) break;
      besidesLength = end - start;
      besides[besidesLength] = -COSTS.besides - COSTS.besidesSecond * seconds;
      besidesWhat[besidesLength] = -1;
    }
    for (let n = 0; n < S; n += 1) {
      const expected = secondsEach[n]!;
      const longest = Math.max(expected * LONGEST_TIMES, expected + LONGEST_MORE_SECONDS);
      let length = 0;
      while (start + length < N && (length === 0 || at(start + length + 1) - at(start) <= longest)) {
        length += 1;
      }
      spanLength[n] = length;
      if (spans[n]!.length < length + 1) spans[n] = new Float32Array(length + 16);
      const span = spans[n]!;
      span.fill(NONE, 0, length + 1);
      const opens = chunks[start]!.opens + pinWorth(n, start);
      evidence[n]!.forEach(({ silent, hits }, variant) => {
        stamp += 1;
        let hit = firstHit[n]![variant]!;
        while (hit < hits.length && hits[hit]!.chunk < start) hit += 1;
        firstHit[n]![variant] = hit;
        let heard = 0;
        for (let k = 1; k <= length; k += 1) {
          const chunk = start + k - 1;
          for (; hit < hits.length && hits[hit]!.chunk === chunk; hit += 1) {
            const { term, worth } = hits[hit]!;
            if (seen[0]![term] !== stamp) {
              seen[0]![term] = stamp;
              times[0]![term] = 0;
              heard += worth;
            } else if (times[0]![term]! < MOST_AGAIN) {
              times[0]![term]! += 1;
              heard += worth * AGAIN;
            }
          }
          const seconds = at(start + k) - at(start);
          const worth = silent + heard + opens + lengthWorth(seconds, expected);
          if (worth > span[k]!) span[k] = worth;
          if (
            segments[n]!.mayMove &&
            k <= besidesLength + 40 &&
            heard > ELSEWHERE_WORTH &&
            seconds >= expected * ELSEWHERE_SHARE
          ) {
            while (besidesLength < k) {
              besidesLength += 1;
              besides[besidesLength] = NONE;
              besidesWhat[besidesLength] = -1;
            }
            if (worth - COSTS.elsewhere > besides[k]!) {
              besides[k] = worth - COSTS.elsewhere;
              besidesWhat[k] = n;
            }
          }
        }
      });
    }
  };

  led[0] = 0;
  for (let chunk = 0; chunk <= N; chunk += 1) {
    const row = chunk * width;
    let best = NONE;
    for (let p = 0; p <= S; p += 1) {
      if (p > 0) {
        const skipped = Math.max(led[row + p - 1]! - COSTS.skip, skipping[row + p - 1]!);
        if (skipped > NONE / 2) skipping[row + p] = skipped + skipWorth[p - 1]!;
      }
      best = Math.max(best, led[row + p]!, skipping[row + p]!);
    }
    if (chunk === N || best < NONE / 2) continue;
    fill(chunk);
    for (let p = 0; p <= S; p += 1) {
      const here = Math.max(led[row + p]!, skipping[row + p]!);
      if (here < best - BEAM) continue;
      if (p < S) {
        const span = spans[p]!;
        for (let k = 1; k <= spanLength[p]!; k += 1) {
          const to = (chunk + k) * width + p + 1;
          const worth = here + span[k]!;
          if (worth > led[to]!) {
            led[to] = worth;
            fromChunk[to] = chunk;
            fromWhat[to] = -2;
          }
        }
      }
      for (let k = 1; k <= besidesLength; k += 1) {
        const to = (chunk + k) * width + p;
        const worth = here + besides[k]!;
        if (worth > led[to]!) {
          led[to] = worth;
          fromChunk[to] = chunk;
          fromWhat[to] = besidesWhat[k]!;
        }
      }
    }
  }

  // Backwards: the best end from each cell, and so how likely each segment is led, or left out.
  const endLed = new Float32Array(cells).fill(NONE);
  const endSkipping = new Float32Array(cells).fill(NONE);
  const bestWith = new Float64Array(S).fill(NONE);
  const bestWithout = new Float64Array(S).fill(NONE);
  for (const hits of firstHit) hits.fill(0);
  for (let chunk = N; chunk >= 0; chunk -= 1) {
    const row = chunk * width;
    let best = NONE;
    for (let p = 0; p <= S; p += 1) best = Math.max(best, led[row + p]!, skipping[row + p]!);
    if (chunk < N && best > NONE / 2) {
      for (const hits of firstHit) hits.fill(0);
      fill(chunk);
    }
    for (let p = S; p >= 0; p -= 1) {
      let ahead = chunk === N && p === S ? 0 : NONE;
      const here = Math.max(led[row + p]!, skipping[row + p]!);
      if (chunk < N && here >= best - BEAM) {
        if (p < S) {
          const span = spans[p]!;
          let withIt = NONE;
          for (let k = 1; k <= spanLength[p]!; k += 1) {
            withIt = Math.max(withIt, span[k]! + endLed[(chunk + k) * width + p + 1]!);
          }
          bestWith[p] = Math.max(bestWith[p]!, here + withIt);
          ahead = Math.max(ahead, withIt);
        }
        for (let k = 1; k <= besidesLength; k += 1) {
          ahead = Math.max(ahead, besides[k]! + endLed[(chunk + k) * width + p]!);
        }
      }
      const skipped = p < S ? endSkipping[row + p + 1]! + skipWorth[p]! : NONE;
      endLed[row + p] = Math.max(ahead, skipped - COSTS.skip);
      endSkipping[row + p] = Math.max(ahead, skipped);
      if (p < S) {
        const before = Math.max(led[row + p]! - COSTS.skip, skipping[row + p]!);
        bestWithout[p] = Math.max(bestWithout[p]!, before + skipped);
      }
    }
  }

  const found: Found[] = [];
  let chunk = N;
  let p = S;
  while (chunk > 0 || p > 0) {
    const cell = chunk * width + p;
    if (led[cell]! < skipping[cell]! || (chunk === 0 && p > 0)) {
      // Left out: back along the row to where it was begun.
      do {
        const row = chunk * width + p;
        const opened = led[row - 1]! - COSTS.skip >= skipping[row - 1]!;
        p -= 1;
        if (opened) break;
      } while (p > 0);
      continue;
    }
    const before = fromChunk[cell]!;
    if (before < 0) break;
    const what = fromWhat[cell]!;
    if (what !== -1) {
      const segment = what === -2 ? p - 1 : what;
      found.push({
        segment,
        fromSeconds: at(before),
        toSeconds: at(chunk),
        variant: bestVariant(evidence[segment]!, before, chunk),
        elsewhere: what !== -2,
      });
    }
    if (what === -2) p -= 1;
    chunk = before;
  }
  found.reverse();
  const margins = new Float64Array(S);
  for (let n = 0; n < S; n += 1) margins[n] = bestWith[n]! - bestWithout[n]!;
  return { found, led: margins };
}

/** Which variant is heard most in a span. */
function bestVariant(variants: readonly VariantEvidence[], from: number, to: number): number {
  let best = 0;
  let most = -Infinity;
  variants.forEach(({ silent, hits }, n) => {
    const heard = new Map<number, number>();
    for (const { chunk, term, worth } of hits) {
      if (chunk >= from && chunk < to) heard.set(term, Math.max(worth, heard.get(term) ?? 0));
    }
    const worth = [...heard.values()].reduce((sum, one) => sum + one, silent);
    if (worth > most) [best, most] = [n, worth];
  });
  return best;
}
