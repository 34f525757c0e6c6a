import type { Chunk } from './chunks';
import type { VariantEvidence } from './evidence';
import type { Segment } from './listening';

/** What is done elsewhere or said besides costs, in nats. Our own judgement, tried on made recordings. */
const COSTS = { elsewhere: 7, besides: 0.7, besidesSecond: 0.012 } as const;
/** Seconds that any length may be off. */
const LOOSE_SECONDS = 1.5;
const LONGEST_TIMES = 4;
const LONGEST_MORE_SECONDS = 25;
/** Talk besides goes on in stretches of at most so long. */
const BESIDES_SECONDS = 20;
/** What is found elsewhere lasts at least this share of its time, and has so much that speaks for it. */
const ELSEWHERE_SHARE = 0.4;
const ELSEWHERE_WORTH = 4;
/** A term that is heard again adds this share, so often at most. */
const AGAIN = 0.2;
const MOST_AGAIN = 4;

export const IMPOSSIBLE = -1e9;
/** What fills a span besides the script: nothing of it. */
export const BESIDES = -1;

/** How likely a length is, against the expected one: a log-normal density without its constant. */
function lengthWorth(seconds: number, expected: number, spread: number): number {
  const off = Math.log((seconds + LOOSE_SECONDS) / (expected + LOOSE_SECONDS)) / spread;
  return -(off * off) / 2;
}

/** What is asked of every span: where chunks begin, and what is heard in them. */
export type Recording = Readonly<{ chunks: readonly Chunk[]; endSeconds: number }>;

/**
 * From one start, what each span of chunks is worth as each segment, in nats, and as something besides:
 * talk, or a segment out of its place. Made anew for each start, in the same memory.
 */
export class SpanWorths {
  /** By segment: how many chunks it may last, and by how many it does, its worth. */
  readonly longest: Int32Array;
  readonly worths: Float32Array[];
  /** By length: the worth of something besides, and what it is. */
  besidesLongest = 0;
  readonly besides: Float32Array;
  readonly besidesWhat: Int32Array;
  readonly #lastHeard: Int32Array;
  readonly #again: Int32Array;
  /** Where each variant's hits from the start on begin. */
  readonly #firstHit: readonly Int32Array[];
  #stamp = 0;
  #start = Infinity;

  constructor(
    readonly recording: Recording,
    readonly segments: readonly Segment[],
    readonly secondsEach: readonly number[],
    readonly evidence: readonly (readonly VariantEvidence[])[],
    /** What a start set by hand takes away from all others. */
    readonly startWorth: (segment: number, chunk: number) => number,
  ) {
    const { length } = recording.chunks;
    this.longest = new Int32Array(segments.length);
    this.worths = segments.map(() => new Float32Array(0));
    this.besides = new Float32Array(length + 2);
    this.besidesWhat = new Int32Array(length + 2);
    const terms = Math.max(0, ...evidence.flatMap((all) => all.map((one) => one.terms)));
    this.#lastHeard = new Int32Array(terms).fill(-1);
    this.#again = new Int32Array(terms);
    this.#firstHit = evidence.map((all) => new Int32Array(all.length));
  }

  /** When a chunk begins; the one after the last, when the recording ends. */
  at(chunk: number): number {
    const { chunks, endSeconds } = this.recording;
    return chunk < chunks.length ? chunks[chunk]!.startSeconds : endSeconds;
  }

  from(start: number): void {
    if (start < this.#start) for (const hits of this.#firstHit) hits.fill(0);
    this.#start = start;
    this.#fillBesides(start);
    for (let segment = 0; segment < this.segments.length; segment += 1) {
      this.#fillLongest(segment, start);
      this.evidence[segment]!.forEach((one, variant) => this.#hear(segment, variant, one, start));
    }
  }

  #fillBesides(start: number): void {
    const last = this.recording.chunks.length;
    this.besidesLongest = 0;
    for (let end = start + 1; end <= last; end += 1) {
      const seconds = this.at(end) - this.at(start);
      if (seconds > BESIDES_SECONDS && end > start + 1) return;
      this.besidesLongest = end - start;
      this.besides[end - start] = -COSTS.besides - COSTS.besidesSecond * seconds;
      this.besidesWhat[end - start] = BESIDES;
    }
  }

  #fillLongest(segment: number, start: number): void {
    const expected = this.secondsEach[segment]!;
    const most = Math.max(expected * LONGEST_TIMES, expected + LONGEST_MORE_SECONDS);
    const last = this.recording.chunks.length;
    let length = 1;
    while (start + length < last && this.at(start + length + 1) - this.at(start) <= most) {
      length += 1;
    }
    this.longest[segment] = length;
    if (this.worths[segment]!.length <= length)
      this.worths[segment] = new Float32Array(length + 16);
    this.worths[segment]!.fill(IMPOSSIBLE, 0, length + 1);
  }

  /** Goes through what was heard of one variant, chunk by chunk. */
  #hear(segment: number, variant: number, { silent, hits }: VariantEvidence, start: number): void {
    const expected = this.secondsEach[segment]!;
    const worths = this.worths[segment]!;
    const opens = this.recording.chunks[start]!.opens + this.startWorth(segment, start);
    this.#stamp += 1;
    let hit = this.#firstHit[segment]![variant]!;
    while (hit < hits.length && hits[hit]!.chunk < start) hit += 1;
    this.#firstHit[segment]![variant] = hit;
    const { spread, mayMove } = this.segments[segment]!;
    let heard = 0;
    for (let length = 1; length <= this.longest[segment]!; length += 1) {
      for (; hit < hits.length && hits[hit]!.chunk < start + length; hit += 1) {
        heard += this.#worthOf(hits[hit]!);
      }
      const seconds = this.at(start + length) - this.at(start);
      const worth = silent + heard + opens + lengthWorth(seconds, expected, spread);
      if (worth > worths[length]!) worths[length] = worth;
      const plain = heard > ELSEWHERE_WORTH && seconds >= expected * ELSEWHERE_SHARE;
      if (plain && mayMove) this.#elsewhere(segment, length, worth);
    }
  }

  #worthOf({ term, worth }: VariantEvidence['hits'][number]): number {
    if (this.#lastHeard[term] !== this.#stamp) {
      this.#lastHeard[term] = this.#stamp;
      this.#again[term] = 0;
      return worth;
    }
    if (this.#again[term]! >= MOST_AGAIN) return 0;
    this.#again[term]! += 1;
    return worth * AGAIN;
  }

  #elsewhere(segment: number, length: number, worth: number): void {
    while (this.besidesLongest < length) {
      this.besidesLongest += 1;
      this.besides[this.besidesLongest] = IMPOSSIBLE;
      this.besidesWhat[this.besidesLongest] = BESIDES;
    }
    if (worth - COSTS.elsewhere <= this.besides[length]!) return;
    this.besides[length] = worth - COSTS.elsewhere;
    this.besidesWhat[length] = segment;
  }
}
