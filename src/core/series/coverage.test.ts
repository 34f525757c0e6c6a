import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { Adventure } from '../document/adventure';
import { BUILT_IN } from '../moves/move-book';
import { everyShape } from '../testing/shelf-of-examples';
import { FIRST_DAY, ledOn, rowOf, seriesOf, sumsOf } from '../testing/make-series';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { ASPECTS, countsOf, coverageOf, coveredInWords } from './coverage';
import { laterBy } from './days';
import { withLed } from './led-in';
import type { Series, Session } from './series';

// Starting points that are read alike have ids alike.
const SHAPES = everyShape().map((one, n) => ({ ...one, id: `adv_${n}` }));
const of = (series: Series, adventures: readonly (Adventure | null)[], today?: string) =>
  coverageOf(rowOf(series, adventures, today).covered, today ?? FIRST_DAY);

describe('coverage of a row', () => {
  it('is the sum of what its sessions come to, planned and led apart, whatever is in it', () => {
    const place = fc.record({
      which: fc.option(fc.nat(SHAPES.length - 1)),
      isLed: fc.boolean(),
      fallsOut: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(place, { minLength: 1, maxLength: 12 }), (places) => {
        const adventures = places.map(({ which }) => (which === null ? null : SHAPES[which]!));
        const plain = seriesOf(adventures, {}, (n) => ({
          fallsOut: places[n]!.fallsOut ? 'half term' : '',
        }));
        const runs = adventures.flatMap((adventure, n) =>
          adventure && places[n]!.isLed ? [ledOn(adventure, laterBy(FIRST_DAY, 7 * n))] : [],
        );
        const series = withLed(
          plain,
          runs,
          () => BUILT_IN,
          (iso) => iso.slice(0, 10),
        );
        const coverage = of(series, adventures);
        const on = adventures.map((one, n) => (series.sessions[n]!.fallsOut ? null : one));
        for (const [k, aspect] of ASPECTS.entries()) {
          const { plannedSeconds, ledSeconds, planned } = coverage.aspects[k]!;
          const own = on.map((one) => (one ? aspect.of(sumsOf(one)) : 0));
          expect(planned).toEqual(own);
          expect(plannedSeconds).toBeCloseTo(
            own.reduce((sum, one) => sum + one, 0),
            6,
          );
          const led = series.sessions.map((one) => (one.led ? aspect.of(one.led.sums) : 0));
          expect(ledSeconds).toBeCloseTo(
            led.reduce((sum, one) => sum + one, 0),
            6,
          );
        }
      }),
      { numRuns: 25 },
    );
  });

  it('has the place and the numbers of an adventure that is gone', () => {
    const [one, two] = [SHAPES[0]!, SHAPES[1]!];
    const kept: Session['kept'] = { title: one.title, sums: sumsOf(one) };
    const series = seriesOf([one, two], {}, (n) => (n === 0 ? { kept } : {}));
    expect(of(series, [null, two])).toEqual(of(series, [one, two]));
  });

  it('says what comes every time, what has not come for weeks, and what never did', () => {
    const hops = withBeats(moveBeat([doseOf('hop', 10)]));
    const both = withBeats(moveBeat([doseOf('hop', 10), doseOf('kick', 6)]));
    const { aspects } = of(seriesOf([both, hops, hops, hops]), [both, hops], '2027-03-23');
    const told = (id: string) =>
      coveredInWords(aspects.find((aspect) => aspect.id === `skill ${id}`)!);
    expect([told('hopping'), told('kicking'), told('skipping')]).toEqual([
      'every time',
      'not for 3 weeks',
      'not yet',
    ]);
  });

  it('tells what rides along, each thing once, with where it comes', () => {
    const strip = SHAPES.find(({ title }) => /letter/iu.test(title) && title !== 'The late letter');
    const { taught } = of(seriesOf([strip ?? SHAPES[0]!, SHAPES[1]!]), SHAPES);
    for (const list of Object.values(taught)) {
      expect(new Set(list.map(({ item }) => item)).size).toBe(list.length);
      for (const { sessions } of list) expect(sessions.length).toBeGreaterThan(0);
    }
    const all = rowOf(seriesOf(SHAPES), SHAPES).covered.map(countsOf);
    expect(all.some((sums) => sums!.letters.length > 3)).toBe(true);
    expect(all.some((sums) => sums!.devices.includes('die'))).toBe(true);
    expect(all.some((sums) => sums!.shapes.includes('circle'))).toBe(true);
  });
});
