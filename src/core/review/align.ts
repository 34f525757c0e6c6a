import type { Pin } from '../log/reviewed';
import type { VariantEvidence } from './evidence';
import { heardWithin, secondTime } from './done-twice';
import type { Segment } from './listening';
import { BESIDES, IMPOSSIBLE, SpanWorths, type Recording } from './span-worths';

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
export type Pins = ReadonlyMap<number, Pin>;

/** Leaving something out costs so much beside each segment's own cost, in nats. */
const SKIP = 1.2;
/** Ways so much less likely than the best are not followed, in nats. */
const BEAM = 60;
/** What is set by hand is kept. */
const AGAINST_PIN = -500;
/** A cell that was reached by the segment itself, in its place. */
const IN_PLACE = -2;

/** Starts set by hand as the chunks that they are nearest to. */
function startWorthOf(
  pins: Pins,
  { chunks }: Recording,
): (segment: number, chunk: number) => number {
  const nearest = new Map<number, number>();
  for (const [segment, pin] of pins) {
    if (pin === 'left out') continue;
    const off = (n: number) => Math.abs(chunks[n]!.startSeconds - pin);
    nearest.set(
      segment,
      chunks.reduce((best, _, n) => (off(n) < off(best) ? n : best), 0),
    );
  }
  return (segment, chunk) =>
    !pins.has(segment) || nearest.get(segment) === chunk ? 0 : AGAINST_PIN;
}

/**
 * The lattice of chunks and segments: a cell is a chunk's start and how many segments are behind. There
 * are two ways to stand in one: something was just led, or something was just left out.
 */
class Lattice {
  readonly #spans: SpanWorths;
  readonly #chunks: number;
  readonly #segments: number;
  readonly #width: number;
  readonly #skipWorth: readonly number[];
  /** What leaving out everything from a segment on is worth. */
  readonly #restWorth: Float64Array;
  readonly #led: Float32Array;
  readonly #skipping: Float32Array;
  /** Where the best way to a cell came from: the chunk, and what was led or was besides. */
  readonly #fromChunk: Int32Array;
  readonly #fromWhat: Int32Array;

  constructor(spans: SpanWorths, pins: Pins) {
    this.#spans = spans;
    this.#chunks = spans.recording.chunks.length;
    this.#segments = spans.segments.length;
    this.#width = this.#segments + 1;
    this.#skipWorth = spans.segments.map(({ skipCost }, n) => {
      const pin = pins.get(n);
      if (pin === undefined) return -skipCost;
      return pin === 'left out' ? 0 : AGAINST_PIN;
    });
    this.#restWorth = new Float64Array(this.#width);
    for (let p = this.#segments - 1; p >= 0; p -= 1) {
      this.#restWorth[p] = this.#restWorth[p + 1]! + this.#skipWorth[p]!;
    }
    const cells = (this.#chunks + 1) * this.#width;
    this.#led = new Float32Array(cells).fill(IMPOSSIBLE);
    this.#skipping = new Float32Array(cells).fill(IMPOSSIBLE);
    this.#fromChunk = new Int32Array(cells).fill(-1);
    this.#fromWhat = new Int32Array(cells).fill(BESIDES);
  }

  #best(cell: number): number {
    return Math.max(this.#led[cell]!, this.#skipping[cell]!);
  }
  /** A cell with what leaving out all the rest would cost: whoever has put off more is not ahead. */
  #outlook(row: number, p: number): number {
    return this.#best(row + p) + this.#restWorth[p]!;
  }
  #bestOfRow(chunk: number): number {
    let best = IMPOSSIBLE;
    for (let p = 0; p <= this.#segments; p += 1) {
      best = Math.max(best, this.#outlook(chunk * this.#width, p));
    }
    return best;
  }

  forwards(): void {
    this.#led[0] = 0;
    for (let chunk = 0; chunk <= this.#chunks; chunk += 1) {
      const row = chunk * this.#width;
      for (let p = 1; p <= this.#segments; p += 1) {
        const before = row + p - 1;
        const skipped = Math.max(this.#led[before]! - SKIP, this.#skipping[before]!);
        if (skipped > IMPOSSIBLE / 2) this.#skipping[row + p] = skipped + this.#skipWorth[p - 1]!;
      }
      const best = this.#bestOfRow(chunk);
      if (chunk === this.#chunks || best < IMPOSSIBLE / 2) continue;
      this.#spans.from(chunk);
      for (let p = 0; p <= this.#segments; p += 1) {
        if (this.#outlook(row, p) >= best - BEAM) this.#goOn(chunk, p);
      }
    }
  }

  /** From a cell on: the next segment, or something besides. */
  #goOn(chunk: number, p: number): void {
    const here = this.#best(chunk * this.#width + p);
    const { longest, worths, besidesLongest, besides, besidesWhat } = this.#spans;
    const reach = (cell: number, worth: number, what: number) => {
      if (worth <= this.#led[cell]!) return;
      this.#led[cell] = worth;
      this.#fromChunk[cell] = chunk;
      this.#fromWhat[cell] = what;
    };
    if (p < this.#segments) {
      for (let length = 1; length <= longest[p]!; length += 1) {
        const cell = (chunk + length) * this.#width + p + 1;
        reach(cell, here + worths[p]![length]!, IN_PLACE);
      }
    }
    for (let length = 1; length <= besidesLongest; length += 1) {
      const cell = (chunk + length) * this.#width + p;
      reach(cell, here + besides[length]!, besidesWhat[length]!);
    }
  }

  /** For each segment, how much likelier the best way with it is than the best without it. */
  backwards(): Float64Array {
    const cells = (this.#chunks + 1) * this.#width;
    const afterLed = new Float32Array(cells).fill(IMPOSSIBLE);
    const afterSkip = new Float32Array(cells).fill(IMPOSSIBLE);
    const bestWith = new Float64Array(this.#segments).fill(IMPOSSIBLE);
    const bestWithout = new Float64Array(this.#segments).fill(IMPOSSIBLE);
    for (let chunk = this.#chunks; chunk >= 0; chunk -= 1) {
      const row = chunk * this.#width;
      const best = this.#bestOfRow(chunk);
      const isOpen = chunk < this.#chunks && best > IMPOSSIBLE / 2;
      if (isOpen) this.#spans.from(chunk);
      for (let p = this.#segments; p >= 0; p -= 1) {
        const here = this.#best(row + p);
        let ahead = chunk === this.#chunks && p === this.#segments ? 0 : IMPOSSIBLE;
        if (isOpen && this.#outlook(row, p) >= best - BEAM) {
          const withIt = this.#aheadWith(chunk, p, afterLed);
          if (p < this.#segments) bestWith[p] = Math.max(bestWith[p]!, here + withIt);
          ahead = Math.max(withIt, this.#aheadBesides(chunk, p, afterLed));
        }
        const isLast = p === this.#segments;
        const skipped = isLast ? IMPOSSIBLE : afterSkip[row + p + 1]! + this.#skipWorth[p]!;
        afterLed[row + p] = Math.max(ahead, skipped - SKIP);
        afterSkip[row + p] = Math.max(ahead, skipped);
        if (isLast) continue;
        const before = Math.max(this.#led[row + p]! - SKIP, this.#skipping[row + p]!);
        bestWithout[p] = Math.max(bestWithout[p]!, before + skipped);
      }
    }
    return bestWith.map((worth, n) => worth - bestWithout[n]!);
  }

  #aheadWith(chunk: number, p: number, after: Float32Array): number {
    let best = IMPOSSIBLE;
    if (p === this.#segments) return best;
    const worths = this.#spans.worths[p]!;
    for (let length = 1; length <= this.#spans.longest[p]!; length += 1) {
      best = Math.max(best, worths[length]! + after[(chunk + length) * this.#width + p + 1]!);
    }
    return best;
  }

  #aheadBesides(chunk: number, p: number, after: Float32Array): number {
    const { besides, besidesLongest } = this.#spans;
    let best = IMPOSSIBLE;
    for (let length = 1; length <= besidesLongest; length += 1) {
      best = Math.max(best, besides[length]! + after[(chunk + length) * this.#width + p]!);
    }
    return best;
  }

  /** The best way through, in the order of the recording. */
  found(): readonly Found[] {
    const found: Found[] = [];
    let chunk = this.#chunks;
    let p = this.#segments;
    while (chunk > 0 || p > 0) {
      const cell = chunk * this.#width + p;
      if (p > 0 && this.#led[cell]! < this.#skipping[cell]!) {
        p = this.#beforeSkip(chunk, p);
        continue;
      }
      const before = this.#fromChunk[cell]!;
      if (before < 0) break;
      const what = this.#fromWhat[cell]!;
      const elsewhere = what !== IN_PLACE;
      if (!elsewhere) p -= 1;
      if (what !== BESIDES)
        found.push(...this.#foundAt(elsewhere ? what : p, before, chunk, elsewhere));
      chunk = before;
    }
    return found.reverse();
  }

  /** Back along what was left out, to where that was begun. */
  #beforeSkip(chunk: number, from: number): number {
    let p = from;
    while (p > 0) {
      const before = chunk * this.#width + p - 1;
      p -= 1;
      if (this.#led[before]! - SKIP >= this.#skipping[before]!) return p;
    }
    return p;
  }

  /** What was found in a span, the last first: where all of it is heard twice, it was done twice. */
  #foundAt(segment: number, from: number, to: number, elsewhere: boolean): readonly Found[] {
    const spans = this.#spans;
    const variant = bestVariant(spans.evidence[segment]!, from, to);
    const at = (begin: number, end: number, again: boolean): Found => ({
      segment,
      fromSeconds: spans.at(begin),
      toSeconds: spans.at(end),
      variant,
      elsewhere: again,
    });
    const middle = secondTime(spans, segment, variant, from, to);
    if (middle === null) return [at(from, to, elsewhere)];
    return [at(middle, to, true), at(from, middle, elsewhere)];
  }
}

/** Which variant is heard most in a span of chunks. */
function bestVariant(variants: readonly VariantEvidence[], from: number, to: number): number {
  const worths = variants.map(({ silent, hits }) => silent + heardWithin(hits, from, to));
  return worths.reduce((best, worth, n) => (worth > worths[best]! ? n : best), 0);
}

/**
 * Lays segments along chunks: the likeliest way to lead the script so that this is heard, by dynamic
 * programming over a lattice of chunks and segments (a hidden semi-Markov model, Viterbi's way; L. Rabiner,
 * Proceedings of the IEEE 77, 1989, from memory). The order is kept; segments may be left out; one that is
 * plainly heard elsewhere is found there. Time and memory grow with chunks times segments.
 */
export function align(
  segments: readonly Segment[],
  secondsEach: readonly number[],
  evidence: readonly (readonly VariantEvidence[])[],
  recording: Recording,
  pins: Pins = new Map(),
): Alignment {
  const startWorth = startWorthOf(pins, recording);
  const lattice = new Lattice(
    new SpanWorths(recording, segments, secondsEach, evidence, startWorth),
    pins,
  );
  lattice.forwards();
  return { led: lattice.backwards(), found: lattice.found() };
}
