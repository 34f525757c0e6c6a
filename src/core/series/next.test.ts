import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { pick } from '../fit/programme';
import type { Adventure } from '../document/adventure';
import { everyShape } from '../testing/shelf-of-examples';
import { candidateOf, FIRST_DAY, rowOf, seriesOf, sumsOf } from '../testing/make-series';
import {
  costOf,
  priceOf,
  programmeFor,
  proposalsFor,
  type Candidate,
  type NextQuestion,
} from './next';
import { withOtherMoves } from './other-moves';
import { reasonInWords } from './row-words';

const SHAPES = everyShape().map((one, n): Adventure => ({ ...one, id: `adv_${n}` }));
const CANDIDATES = SHAPES.map((one) => candidateOf(one));

function question(
  row: readonly (Adventure | null)[],
  candidates: readonly Candidate[],
  given: Parameters<typeof seriesOf>[1] = {},
): NextQuestion {
  const series = seriesOf(row, given);
  const gap = series.sessions.find(({ adventureId }) => adventureId === null)!;
  const { covered } = rowOf(series, row);
  return { series, covered, candidates, sessionId: gap.id };
}

/** The cheapest of all plans, each tried. */
function cheapest({ gaps, rules }: ReturnType<typeof programmeFor>): number {
  let best = Infinity;
  const plan: number[] = [];
  const go = (n: number): void => {
    if (n === gaps.length) {
      best = Math.min(best, priceOf(gaps, rules, plan));
      return;
    }
    gaps[n]!.options.forEach((_, option) => {
      plan[n] = option;
      go(n + 1);
    });
  };
  go(0);
  return best;
}

describe('the choice for a gap', () => {
  it('is the cheapest of all plans of small rows, as trying each tells', () => {
    const some = fc.uniqueArray(fc.nat(CANDIDATES.length - 1), { minLength: 2, maxLength: 7 });
    const row = fc.array(fc.option(fc.nat(SHAPES.length - 1), { freq: 2 }), { maxLength: 6 });
    fc.assert(
      fc.property(some, row, (which, places) => {
        const sessions = [...places.map((n) => (n === null ? null : SHAPES[n]!)), null];
        const asked = question(
          sessions,
          which.map((n) => CANDIDATES[n]!),
        );
        const { gaps, rules } = programmeFor(asked);
        const found = priceOf(gaps, rules, pick(gaps, rules));
        const best = cheapest({ gaps, rules });
        // The search stops within a fiftieth of the best.
        expect(found).toBeLessThanOrEqual(best + Math.abs(best) * 0.021 + 1e-6);
      }),
      { numRuns: 60 },
    );
  });

  it('gives three different ones, each with its reasons, and the same again', () => {
    const asked = question([SHAPES[0]!, SHAPES[1]!, null, SHAPES[2]!, null], CANDIDATES);
    const proposals = proposalsFor(asked);
    expect(new Set(proposals.map(({ candidate }) => candidate.id)).size).toBe(3);
    for (const { reasons } of proposals) {
      expect(reasons.length).toBeGreaterThan(1);
      for (const reason of reasons) expect(reasonInWords(reason)).toMatch(/^\S/u);
    }
    expect(proposalsFor(asked)).toEqual(proposals);
    expect(proposalsFor(question([null], []))).toEqual([]);
    expect(proposalsFor(question([null], CANDIDATES.slice(0, 2)))).toHaveLength(2);
  });
});

describe('what it costs', () => {
  const [one] = CANDIDATES;
  const slot = (seconds: number) => ({
    setting: { ...one!.adventure.setting, slotSeconds: seconds },
  });
  const cost = (row: readonly (Adventure | null)[], given: Parameters<typeof seriesOf>[1] = {}) => {
    const asked = question(row, CANDIDATES, given);
    return costOf(one!, asked, asked.series.sessions.find((s) => s.id === asked.sessionId)!.day);
  };

  it('is less the longer it is ago, and least if it never was', () => {
    const given = slot(one!.sums.seconds);
    const later = [SHAPES[0]!, ...SHAPES.slice(3, 6), null];
    const soon = [...SHAPES.slice(3, 6), SHAPES[0]!, null];
    expect(cost(later, given)).toBeLessThan(cost(soon, given));
    expect(cost([...SHAPES.slice(3, 7), null], given)).toBeLessThan(cost(later, given));
  });

  it('is more where it is too long than where it is too short', () => {
    const { seconds } = one!.sums;
    expect(cost([null], slot(seconds * 0.8))).toBeGreaterThan(cost([null], slot(seconds * 1.25)));
    expect(cost([null], slot(seconds))).toBeLessThan(cost([null], slot(seconds * 1.25)));
  });

  it('is less for a favourite whose turn it is, and only then', () => {
    const liked = { ...slot(one!.sums.seconds), favourites: [{ adventureId: one!.id, every: 2 }] };
    const plain = slot(one!.sums.seconds);
    const twoWeeks = [SHAPES[0]!, SHAPES[3]!, null];
    expect(cost(twoWeeks, liked)).toBeLessThan(cost(twoWeeks, plain));
    expect(cost([SHAPES[0]!, null], liked)).toBe(cost([SHAPES[0]!, null], plain));
  });

  it('is more where kit is not there, or the ages are others', () => {
    const needy = CANDIDATES.find(({ sums }) => sums.skills.catching || sums.skills.underarm)!;
    const asked = (kit: readonly string[], from = needy.adventure.setting.ages.from) =>
      question([null], CANDIDATES, {
        setting: {
          ...needy.adventure.setting,
          kit,
          ages: { ...needy.adventure.setting.ages, from },
        },
      });
    const there = ['ball', 'bean bags', 'scarf', 'hoop', 'bat', 'bucket', 'balloon', 'cones'];
    expect(costOf(needy, asked([]), FIRST_DAY)).toBeGreaterThan(
      costOf(needy, asked(there), FIRST_DAY),
    );
    expect(costOf(needy, asked(there, 3), FIRST_DAY)).toBeGreaterThanOrEqual(
      costOf(needy, asked(there), FIRST_DAY),
    );
  });
});

describe('the same story with other moves', () => {
  it('keeps its words and guises, and brings what is missing', () => {
    const story = SHAPES.find(({ title }) => title === 'The late letter')!;
    const asked = question([story, story, null], []);
    const other = withOtherMoves(story, asked)!;
    expect(other.swaps).toHaveLength(2);
    // What came in stays in.
    const [first, second] = other.swaps as readonly { from: string; to: string }[];
    expect(second!.from).not.toBe(first!.to);
    const [before, after] = [sumsOf(story).skills, sumsOf(other.adventure).skills];
    expect(Object.keys(after).some((id) => !(id in before))).toBe(true);
    const guises = (adventure: Adventure) =>
      [...JSON.stringify(adventure.chapters).matchAll(/"guise":\{"name":"([^"]*)"/gu)].map(
        ([, name]) => name,
      );
    expect(guises(other.adventure)).toEqual(guises(story));
  });
});
