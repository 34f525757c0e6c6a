import type { VariantEvidence } from './evidence';
import type { SpanWorths } from './span-worths';

/**
 * Done twice in a row: it lasts so many times as long, each time at least this share, and in each this share
 * of everything is heard. Our own judgement, tried on made recordings.
 */
const TWICE = { times: 1.6, least: 0.6, share: 0.4, worth: 3 } as const;
/** What was heard in a span of chunks, each term once, in nats. */
export function heardWithin(hits: VariantEvidence['hits'], from: number, to: number): number {
  const heard = new Map<number, number>();
  for (const { chunk, term, worth } of hits) {
    if (chunk >= from && chunk < to) heard.set(term, Math.max(worth, heard.get(term) ?? 0));
  }
  return [...heard.values()].reduce((sum, one) => sum + one, 0);
}

/** Where it begins a second time; null where it was done once, if slowly. */
export function secondTime(
  spans: SpanWorths,
  segment: number,
  variant: number,
  from: number,
  to: number,
): number | null {
  const { evidence, segments, secondsEach } = spans;
  const expected = secondsEach[segment]!;
  const seconds = (begin: number, end: number) => spans.at(end) - spans.at(begin);
  if (!segments[segment]!.mayMove || seconds(from, to) < TWICE.times * expected) return null;
  const { hits } = evidence[segment]![variant]!;
  const enough = Math.max(TWICE.worth, TWICE.share * heardWithin(hits, from, to));
  let best: number | null = null;
  let most = -Infinity;
  for (let middle = from + 1; middle < to; middle += 1) {
    const least = Math.min(seconds(from, middle), seconds(middle, to));
    if (least < TWICE.least * expected) continue;
    const worth = Math.min(heardWithin(hits, from, middle), heardWithin(hits, middle, to));
    if (worth >= enough && worth > most) [best, most] = [middle, worth];
  }
  return best;
}
