import fc from 'fast-check';
import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import type { Draw } from '../model/beat';
import type { DrawRules } from '../model/chance';
import { doseOf, drawBeat } from '../testing/make';
import { inChunks } from '../model/dose';
import { doseWith } from './amount';
import { startDrawing, take, type DrawState } from './machine';
import { potOf } from './pot';
import { seededRandom, seedFor } from './random';
import { resolveBeat, type ResolvedDraw } from './resolve';

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

  it('typed outcomes are played as the engine plays the same ones', () => {
    const rules = { onRepeat: 'stand-in' as const, standIn, stop: stop(12) };
    const beat = drawBeat(3, { rules });
    const pot = potOf(beat);
    if (!pot.ok) throw new Error('not drawable');
    fc.assert(
      fc.property(
        seeds,
        fc.array(fc.nat({ max: 2 }), { minLength: 12, maxLength: 12 }),
        (seed, list) => {
          let state: DrawState = startDrawing(pot.value);
          const played = list.map((outcome) => {
            const taken = take(pot.value, state, outcome);
            if (taken.kind === 'again') throw new Error('nothing is drawn again here');
            state = taken.state;
            return taken.drawn;
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

describe('amounts', () => {
  // FACTS.md, worked sums: 12 shown, table of two: 24, done as 10 + 10 + 4.
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
    const pot = potOf(beat);
    return pot.ok ? [] : pot.problems.map(({ code, path }) => [code, path.join('.')]);
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
