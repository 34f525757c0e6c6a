import type { Chunk } from './chunks';
import { countedTo, type CountAloud } from './counting-aloud';
import type { Segment } from './listening';
import { heardAs } from './terms';

/** A term that was heard: where, which of the segment's, and what that is worth in nats. */
type Hit = Readonly<{ chunk: number; term: number; worth: number }>;

/** What speaks for one way in which a segment may have been led. */
export type VariantEvidence = Readonly<{
  /** With nothing of it heard, in nats: 0 or less. */
  silent: number;
  terms: number;
  hits: readonly Hit[];
}>;

/** However much is not heard, it may still have been led in other words: nats. Our own judgement. */
const MOST_SILENT = -4;
/** A word heard wrongly by a machine says less, and so does one that is said again. */
const NEARLY = 0.6;
/** Chances are never quite none or certain. */
const LEAST_CHANCE = 0.012;
const MOST_CHANCE = 0.9;
/** What is said elsewhere counts as if so much more had been heard, so that one hearing is not all. */
const HALF = 0.5;
const SHORTEST_SECONDS = 6;
/** Counting aloud: the chance that a counted set is, and that its last number is heard. */
const COUNTS_ALOUD = 0.4;
const REACHES = 0.3;

const COUNTING = '#count';
const reaching = (n: number) => `#to ${n}`;

/** What is listened for in a segment, its counts with it. */
function withCounts({ variants, amounts }: Segment): readonly ReadonlyMap<string, number>[] {
  if (amounts.length === 0) return variants;
  return variants.map((terms) => {
    const all = new Map(terms).set(COUNTING, COUNTS_ALOUD);
    for (const amount of amounts) all.set(reaching(amount), REACHES);
    return all;
  });
}

/** Something that is only said, and moved to by nobody. */
const isLine = ({ part, mayMove }: Segment) => part === null && !mayMove;
/** However freely somebody talks, so much of the script is in it. */
const LEAST_FIDELITY = 0.2;
/** Of fewer words nothing can be said. */
const FEWEST_WORDS = 12;

/**
 * How closely the presenter keeps to what is written, 0 to 1: the share of the lines' words that are heard
 * at all, against the share that was to be expected. Who tells the story in other words has left nothing out.
 */
function fidelity(
  segments: readonly Segment[],
  { listened, places }: Pick<HeardTerms, 'listened' | 'places'>,
): number {
  const words = new Map<string, number>();
  segments.forEach((segment, n) => {
    if (!isLine(segment)) return;
    // Pairs follow from their words.
    for (const [term, chance] of listened[n]![0]!) if (!term.includes(' ')) words.set(term, chance);
  });
  if (words.size < FEWEST_WORDS) return 1;
  const heard = [...words.keys()].filter((term) => places.has(term)).length;
  const expected = [...words.values()].reduce((sum, chance) => sum + chance, 0);
  return Math.min(1, Math.max(LEAST_FIDELITY, heard / expected));
}

/** What is listened for, and where in the recording each term was heard, how surely. */
export type HeardTerms = Readonly<{
  listened: readonly (readonly ReadonlyMap<string, number>[])[];
  places: ReadonlyMap<string, ReadonlyMap<number, number>>;
  /** Somebody wrote down what was said. */
  hasWords: boolean;
}>;

/** The chunk that a time lies in: the last that has begun. */
function chunkAt(chunks: readonly Chunk[], seconds: number): number {
  let low = 0;
  let high = chunks.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (chunks[middle]!.startSeconds <= seconds + 0.02) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Where the terms of a script were heard: whatever pace it was led in. */
export function heardTerms(
  segments: readonly Segment[],
  chunks: readonly Chunk[],
  counts: readonly CountAloud[],
): HeardTerms {
  const listened = segments.map(withCounts);
  const script = new Set(listened.flat().flatMap((terms) => [...terms.keys()]));
  const heard = heardAs(
    chunks.flatMap(({ terms }) => terms),
    script,
  );
  const places = new Map<string, Map<number, number>>();
  const hear = (term: string, chunk: number, surely: number) => {
    let at = places.get(term);
    if (!at) places.set(term, (at = new Map()));
    at.set(chunk, Math.max(surely, at.get(chunk) ?? 0));
  };
  chunks.forEach(({ terms }, index) => {
    for (const said of terms) {
      const near = heard.get(said) ?? [];
      for (const term of near) hear(term, index, term === said ? 1 : NEARLY / near.length);
    }
  });
  for (const count of counts) {
    hear(COUNTING, chunkAt(chunks, count.startSeconds), 1);
    hear(reaching(countedTo(count)), chunkAt(chunks, count.endSeconds), 1);
  }
  return { listened, places, hasWords: heard.size > 0 };
}

/**
 * What in a recording speaks for each segment, as logarithms of likelihood ratios (naive Bayes over
 * terms): a term counts by how much likelier it is said while the segment is led than at any time.
 * `secondsEach` has how long each is expected to take.
 */
export function evidenceFor(
  segments: readonly Segment[],
  secondsEach: readonly number[],
  heard: HeardTerms,
  endSeconds: number,
): readonly (readonly VariantEvidence[])[] {
  const { listened, places, hasWords } = heard;
  const seconds = Math.max(1, endSeconds);
  const byLine = fidelity(segments, heard);
  return listened.map((variants, index) => {
    const asWritten = isLine(segments[index]!) ? byLine : 1;
    const expected = Math.max(SHORTEST_SECONDS, secondsEach[index]!);
    return variants.map((terms) => {
      const hits: Hit[] = [];
      let missed = 0;
      const worths: { gain: number; miss: number; term: string }[] = [];
      for (const [term, written] of terms) {
        const chance = written * asWritten;
        const rate = ((places.get(term)?.size ?? 0) + HALF) / seconds;
        const anyTime = Math.min(
          MOST_CHANCE,
          Math.max(LEAST_CHANCE, 1 - Math.exp(-rate * expected)),
        );
        if (chance <= anyTime) continue;
        const miss = Math.log((1 - chance) / (1 - anyTime));
        missed += miss;
        worths.push({ gain: Math.log(chance / anyTime), miss, term });
      }
      // Where nobody wrote down a word, nothing is missed.
      const silent = hasWords ? Math.max(MOST_SILENT, missed) : 0;
      const share = missed < 0 ? silent / missed : 0;
      worths.forEach(({ gain, miss, term }, n) => {
        for (const [chunk, surely] of places.get(term) ?? []) {
          hits.push({ chunk, term: n, worth: (gain - miss * share) * surely });
        }
      });
      hits.sort((a, b) => a.chunk - b.chunk);
      return { silent, terms: worths.length, hits };
    });
  });
}
