import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { align, type Found } from './align';
import type { Chunk } from './chunks';
import type { VariantEvidence } from './evidence';
import type { Segment } from './listening';
import { SpanWorths } from './span-worths';

const segment = (n: number, skipCost = 2): Segment => ({
  key: `s${n}`,
  chapterId: 'ch',
  beatId: `bt_${n}`,
  part: null,
  round: 0,
  label: `s${n}`,
  plannedSeconds: 4,
  fromCue: n,
  toCue: n + 1,
  skipCost,
  spread: 0.5,
  mayMove: false,
  variants: [],
  amounts: [],
});
const chunks = (n: number): Chunk[] =>
  Array.from({ length: n }, (_, k) => ({ startSeconds: k * 2, terms: [], opens: 0 }));
const hears = (at: readonly number[], worth = 6, silent = -2): readonly VariantEvidence[] => [
  { silent, terms: 1, hits: at.map((chunk) => ({ chunk, term: 0, worth })) },
];
const lay = (
  evidence: readonly (readonly VariantEvidence[])[],
  count: number,
  pins: ReadonlyMap<number, number | 'left out'> = new Map(),
) => {
  const segments = evidence.map((_, n) => segment(n));
  const seconds = segments.map(({ plannedSeconds }) => plannedSeconds);
  const recording = { chunks: chunks(count), endSeconds: count * 2 };
  return align(segments, seconds, evidence, recording, pins);
};
const starts = (found: readonly Found[]) =>
  found.map((one) => [one.segment, one.fromSeconds] as const);

describe('segments laid along chunks', () => {
  it('each begins where it is heard', () => {
    expect(starts(lay([hears([0]), hears([2]), hears([4])], 6).found)).toEqual([
      [0, 0],
      [1, 4],
      [2, 8],
    ]);
  });

  it('what is not heard, and has no time, was left out', () => {
    const { found, led } = lay([hears([0]), hears([], 0, -6), hears([2])], 4);
    expect(starts(found)).toEqual([
      [0, 0],
      [2, 4],
    ]);
    expect(led[0]).toBeGreaterThan(2);
    expect(led[1]).toBeLessThan(0);
    expect(led[2]).toBeGreaterThan(2);
  });

  it('a pin is kept, and so is what was left out by hand', () => {
    const heard = [hears([0]), hears([2]), hears([4])];
    expect(starts(lay(heard, 6, new Map([[1, 6]])).found)).toContainEqual([1, 6]);
    const without = lay(heard, 6, new Map([[1, 'left out' as const]])).found;
    expect(without.map((one) => one.segment)).toEqual([0, 2]);
  });

  it('a way through an empty recording, or an empty script, is none', () => {
    expect(lay([], 3).found).toEqual([]);
    expect(lay([hears([]), hears([])], 1).found.length).toBeLessThanOrEqual(1);
  });

  it('no other way is likelier: every way counted one by one', () => {
    const cases = fc.record({
      count: fc.integer({ min: 1, max: 6 }),
      heard: fc.array(
        fc.record({
          at: fc.uniqueArray(fc.integer({ min: 0, max: 5 }), { maxLength: 2 }),
          worth: fc.integer({ min: 1, max: 8 }),
        }),
        { minLength: 1, maxLength: 4 },
      ),
    });
    fc.assert(
      fc.property(cases, ({ count, heard }) => {
        const evidence = heard.map(({ at, worth }) =>
          hears(
            at.filter((chunk) => chunk < count),
            worth,
          ),
        );
        const segments = evidence.map((_, n) => segment(n));
        const seconds = segments.map(({ plannedSeconds }) => plannedSeconds);
        const recording = { chunks: chunks(count), endSeconds: count * 2 };
        const spans = new SpanWorths(recording, segments, seconds, evidence, () => 0);
        /** The costs of leaving something out: 1.2 to begin with it, and the segment's own. */
        const skip = (n: number, opened: boolean) => -(opened ? 0 : 1.2) - segments[n]!.skipCost;
        const best = (chunk: number, p: number, opened: boolean): number => {
          if (chunk === count && p === segments.length) return 0;
          let most = -Infinity;
          if (p < segments.length) most = skip(p, opened) + best(chunk, p + 1, true);
          if (chunk === count) return most;
          const ends = Array.from({ length: count - chunk }, (_, k) => k + 1);
          for (const length of ends) {
            spans.from(chunk);
            const led = p < segments.length && length <= spans.longest[p]!;
            const worth = led ? spans.worths[p]![length]! : -Infinity;
            const besides = length <= spans.besidesLongest ? spans.besides[length]! : -Infinity;
            if (led) most = Math.max(most, worth + best(chunk + length, p + 1, false));
            most = Math.max(most, besides + best(chunk + length, p, false));
          }
          return most;
        };
        const { found } = align(segments, seconds, evidence, recording);
        // What the way that was found comes to.
        let total = 0;
        let p = 0;
        let opened = false;
        let at = 0;
        const besidesTo = (until: number) => {
          // Talk besides of any length is worth what its likeliest division is.
          const gap = (from: number): number => {
            if (from === until) return 0;
            let most = -Infinity;
            for (let length = 1; from + length <= until; length += 1) {
              spans.from(from);
              if (length > spans.besidesLongest) break;
              most = Math.max(most, spans.besides[length]! + gap(from + length));
            }
            return most;
          };
          if (until > at) opened = false;
          total += gap(at);
        };
        for (const one of [...found, null]) {
          const from = one ? one.fromSeconds / 2 : count;
          const upTo = one ? one.segment : segments.length;
          // Skips stand together, before or after the talk besides: that costs the same.
          for (; p < upTo; p += 1) {
            total += skip(p, opened);
            opened = true;
          }
          besidesTo(from);
          if (!one) break;
          spans.from(from);
          total += spans.worths[p]![(one.toSeconds - one.fromSeconds) / 2]!;
          opened = false;
          p += 1;
          at = one.toSeconds / 2;
        }
        expect(total).toBeCloseTo(best(0, 0, false), 3);
      }),
      { numRuns: 200 },
    );
  });
});
