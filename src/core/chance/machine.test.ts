import fc from 'fast-check';
import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import type { Draw } from '../beats/draw-schema';
import type { DrawRules } from '../model/chance';
import { doseOf, drawBeat } from '../testing/make';
import { inChunks } from '../model/dose';
import { doseWith } from './amount';
import { Drawing } from './machine';
import { urnOf } from './urn';
import { seededRandom, seedFor } from './random';
import { resolveBeat } from './resolve';
import { type ResolvedDraw } from '../model/resolved-draw';

const standIn = doseOf('march', 4);
const resolved = (beat: Draw, seed = 1) => resolveBeat(beat, seededRandom(seed));
const entries = (draws: readonly ResolvedDraw[]) => draws.map(({ entry }) => entry);
const seeds = fc.integer({ min: 0, max: 0xffff_ffff });
const stop = (draws: number): DrawRules['stop'] => ({ after: 'draws', draws });

describe('drawing', () => {
  it('gives the same draws for the same seed, and others for another', () => {
    const beat = drawBeat(6, { rules: { stop: stop(30) } });
    expect(resolved(beat, 5)).toEqual(resolved(beat, 5));
    expect(resolved(beat, 5)).not.toEqual(resolved(beat, 6));
    expect(seedFor(5, 'bt_a')).not.toBe(seedFor(5, 'bt_b'));
  });

  it('a bag gives each once before any twice', () => {
    fc.assert(
      fc.property(seeds, fc.integer({ min: 1, max: 8 }), (seed, n) => {
        const drawn = entries(
          resolved(drawBeat(n, { rules: { returns: 'bag', stop: stop(20) } }), seed),
        );
        for (let at = 0; at + n <= drawn.length; at += n) {
          expect(new Set(drawn.slice(at, at + n)).size).toBe(n);
        }
      }),
    );
  });

  it('again never leaves neighbours alike, as long as there is another', () => {
    fc.assert(
      fc.property(seeds, fc.integer({ min: 2, max: 6 }), (seed, n) => {
        const drawn = entries(resolved(drawBeat(n, { rules: { onRepeat: 'again' } }), seed));
        drawn.slice(1).forEach((entry, at) => expect(entry).not.toBe(drawn[at]));
      }),
    );
  });

  it('a stand-in takes the second of a run, the original the third', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const draws = resolved(
          drawBeat(2, { rules: { onRepeat: 'stand-in', standIn, stop: stop(25) } }),
          seed,
        );
        let run = 0;
        draws.forEach((draw, at) => {
          run = draw.entry === draws[at - 1]?.entry ? run + 1 : 1;
          expect(draw.standIn).toBe(run % 2 === 0);
        });
      }),
    );
  });

  it('no entry passes its cap, and nothing stays out twice', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const capped = entries(resolved(drawBeat(4, { rules: { mostOfOne: 2 } }), seed));
        expect(capped).toHaveLength(8);
        for (const entry of capped) expect(capped.filter((e) => e === entry)).toHaveLength(2);
        const out = entries(resolved(drawBeat(4, { rules: { returns: 'out' } }), seed));
        expect([...out].sort()).toEqual([0, 1, 2, 3]);
      }),
    );
  });

  it('a fair share keeps all within reach of one another, and forgets none', () => {
    fc.assert(
      fc.property(
        seeds,
        fc.integer({ min: 2, max: 7 }),
        fc.integer({ min: 1, max: 3 }),
        (seed, n, ahead) => {
          const rules = { mostAhead: ahead, stop: stop(40) };
          const counts = Array.from({ length: n }, () => 0);
          for (const entry of entries(resolved(drawBeat(n, { rules }), seed))) {
            counts[entry]! += 1;
            expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(ahead);
          }
        },
      ),
    );
  });

  it('without a pattern, no two, three or four are called twice over', () => {
    fc.assert(
      fc.property(seeds, fc.integer({ min: 4, max: 7 }), (seed, n) => {
        const rules = { noPattern: true, onRepeat: 'again' as const, stop: stop(60) };
        const drawn = entries(resolved(drawBeat(n, { rules }), seed)).join('');
        expect(drawn).not.toMatch(/(\d{2,4})\1/u);
      }),
    );
  });

  it('gaps that tighten begin long, end short and stay in their range', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const between = { move: 'jog', leastSeconds: 4, mostSeconds: 24, tightens: true };
        const gaps = resolved(drawBeat(4, { rules: { between, stop: stop(20) } }), seed).map(
          ({ betweenSeconds }) => betweenSeconds,
        );
        expect(Math.min(...gaps)).toBeGreaterThanOrEqual(4);
        expect(Math.max(...gaps)).toBeLessThanOrEqual(24);
        expect(gaps[0]).toBeGreaterThanOrEqual(20);
        expect(gaps.at(-1)).toBeLessThanOrEqual(8);
      }),
    );
  });

  it('typed outcomes are played as the engine plays the same ones', () => {
    const rules = { onRepeat: 'stand-in' as const, standIn, stop: stop(12) };
    const beat = drawBeat(3, { rules });
    const urn = urnOf(beat);
    if (!urn.ok) throw new Error('not drawable');
    fc.assert(
      fc.property(
        seeds,
        fc.array(fc.nat({ max: 2 }), { minLength: 12, maxLength: 12 }),
        (seed, list) => {
          const drawing = new Drawing(urn.value);
          const played = list.map((outcome) => {
            const drawn = drawing.take(outcome);
            if (!drawn) throw new Error('nothing is drawn again here');
            return drawn;
          });
          const typed = list.map((outcome) => ({ outcome, number: null }));
          const draws = resolveBeat(beat, seededRandom(seed), () => 0, typed);
          expect(draws.map(({ entry, standIn: s }) => [entry, s])).toEqual(
            played.map(({ entry, standIn: s }) => [entry, s]),
          );
        },
      ),
    );
  });

  it('throws as evenly as chi-square allows (critical value for 5 degrees at 0.1 %: 20.52, jstat)', () => {
    const draws = Array.from({ length: 60 }, (_, n) =>
      entries(resolved(drawBeat(6, { rules: { stop: stop(200) } }), n)),
    ).flat();
    const expected = draws.length / 6;
    const chi = [0, 1, 2, 3, 4, 5].reduce((sum, entry) => {
      const seen = draws.filter((one) => one === entry).length;
      return sum + (seen - expected) ** 2 / expected;
    }, 0);
    expect(chi).toBeLessThan(jstat.chisquare.inv(0.999, 5));
  });
});

describe('court cards and jokers', () => {
  const deck = {
    kind: 'deck' as const,
    lowest: 9,
    highest: 13,
    copies: 1,
    courts: null,
    jokers: 2,
  };
  const [suns, moons, courts, jokers] = drawBeat(['squat', 'march', 'hop', 'lunge']).entries;
  const cards = [
    suns!,
    moons!,
    { ...courts!, cards: 'courts' as const },
    { ...jokers!, cards: 'jokers' as const },
  ];
  const potFor = (device: Draw['device'], list: Draw['entries']) => {
    const urn = urnOf(drawBeat(4, { device, entries: list, rules: { returns: 'out' } }));
    if (!urn.ok) throw new Error(JSON.stringify(urn.problems));
    return urn.value.outcomes.map(({ entry, value, copies }) => [entry, value, copies]);
  };

  it('mean moves of their own, without a number', () => {
    expect(potFor(deck, cards)).toEqual([
      [0, 9, 1],
      [0, 10, 1],
      [2, null, 6],
      [1, 9, 1],
      [1, 10, 1],
      [3, null, 2],
    ]);
  });

  it('or count as the number that the rule gives them', () => {
    const tens = { ...deck, courts: 10, jokers: 0 };
    expect(potFor(tens, [suns!])).toEqual([
      [0, 9, 1],
      [0, 10, 4],
    ]);
  });

  it('a joker is done as its own dose says, and one without a move is a problem', () => {
    const amount = { from: 'outcome' as const, times: 2, plus: 0, least: 1, most: 40, ask: false };
    const rules = { returns: 'out' as const, stop: stop(12) };
    const draws = resolved(drawBeat(4, { device: deck, entries: cards, amount, rules }));
    for (const draw of draws) {
      expect(draw.amount).toBe(draw.value === null ? null : draw.value * 2);
    }
    const none = urnOf(drawBeat(4, { device: deck, entries: [suns!] }));
    expect(none.ok || none.problems.map(({ code }) => code)).toEqual(['unmapped-outcome']);
  });
});

describe('amounts', () => {
  // docs/facts.md, worked sums: 12 shown, table of two: 24, done as 10 + 10 + 4.
  it('12 with a table of two is 24, done as 10 + 10 + 4', () => {
    const beat = drawBeat(1, {
      device: { kind: 'die', sides: 12, dice: 1 },
      entries: [{ ...drawBeat(1).entries[0]!, faces: Array.from({ length: 12 }, (_, n) => n + 1) }],
      amount: { from: 'outcome', times: 2, plus: 0, least: 1, most: 60, ask: true },
    });
    const twelve = resolveBeat(beat, seededRandom(1), () => 0, [{ outcome: 11, number: null }])[0]!;
    expect(twelve).toMatchObject({ value: 12, number: 12, amount: 24 });
    expect(doseWith(beat.entries[0]!.action.dose, 24).amounts).toEqual([10, 10, 4]);
    expect(inChunks(20)).toEqual([20]);
  });
});

describe('impossible tables', () => {
  const only = (beat: Draw) => {
    const urn = urnOf(beat);
    return urn.ok ? [] : urn.problems.map(({ code, path }) => [code, path.join('.')]);
  };

  it.each<[string, Draw, string[][]]>([
    ['nothing to draw', drawBeat(0), [['no-outcome', 'entries']]],
    [
      'a face without a meaning',
      drawBeat(5, { device: { kind: 'die', sides: 6, dice: 1 } }),
      [['unmapped-outcome', 'entries']],
    ],
    [
      'weights of zero',
      drawBeat(1, {
        device: { kind: 'spinner' },
        entries: [{ ...drawBeat(1).entries[0]!, weight: 0 }],
      }),
      [['no-weight', 'entries']],
    ],
    [
      'a stand-in rule without one',
      drawBeat(2, { rules: { onRepeat: 'stand-in' } }),
      [['no-stand-in', 'rules.standIn']],
    ],
    [
      'an amount from a device without numbers',
      drawBeat(2, {
        amount: { from: 'outcome', times: 1, plus: 0, least: 1, most: 9, ask: false },
      }),
      [['no-value', 'amount']],
    ],
    [
      'a floor above the ceiling',
      drawBeat(2, {
        amount: {
          from: 'number die',
          sides: 6,
          dice: 1,
          times: 1,
          plus: 0,
          least: 9,
          most: 3,
          ask: false,
        },
      }),
      [['backwards-range', 'amount']],
    ],
  ])('%s is refused at its place', (_, beat, problems) => {
    expect(only(beat)).toEqual(problems);
    expect(resolved(beat)).toEqual([]);
  });

  it('a rule without an end ends all the same', () => {
    const rules = { stop: { after: 'seconds' as const, seconds: 60 } };
    expect(resolveBeat(drawBeat(2, { rules }), seededRandom(1), () => 0).length).toBe(1000);
  });
});
