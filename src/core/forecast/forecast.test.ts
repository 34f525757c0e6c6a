import fc from 'fast-check';
import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../chance/random';
import { resolveBeat } from '../chance/resolve';
import type { Adventure } from '../document/adventure';
import type { Beat } from '../beats';
import type { Draw } from '../beats/draw-schema';
import { moveBookOf } from '../moves/move-book';
import { DEFAULT_PACE } from '../cues/pace';
import { measureDraws, type DrawContext } from '../schedule/draw-cues';
import { unroll } from '../schedule/unroll';
import { arbitraryAdventure } from '../testing/arbitrary';
import { circuit, doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { forecast, type Forecast } from './forecast';
import { NO_VARIATION } from './variation';

const contextOf = (adventure: Adventure): DrawContext => ({
  adventure,
  setting: adventure.setting,
  pace: DEFAULT_PACE,
  book: moveBookOf(adventure),
});
const tell: Beat = { kind: 'tell', id: 'bt_say', text: 'The ferry is late again, so we wait.' };
/** A throw among moves on the feet, on the floor and with kit, with music between. */
const mixed = (given: Parameters<typeof drawBeat>[1] = {}) =>
  drawBeat(['squat', 'bear-walk', 'bean-bag-balance', 'frog-jump'], given);
const standIn = doseOf('march', 4);

describe('a session that is played', () => {
  const cases: [string, Draw][] = [
    ['as it comes', mixed()],
    ['with a stand-in', mixed({ rules: { onRepeat: 'stand-in', standIn } })],
    [
      'with music between',
      mixed({
        rules: { between: { move: 'jog', leastSeconds: 4, mostSeconds: 9, tightens: false } },
      }),
    ],
    ['until all were seen', mixed({ rules: { stop: { after: 'all seen', most: 30 } } })],
    ['for a time', mixed({ rules: { stop: { after: 'seconds', seconds: 120 } } })],
    ['each once before any twice', mixed({ rules: { returns: 'bag' } })],
    ['what came stays out', mixed({ rules: { returns: 'out' } })],
    ['with repeats thrown again', mixed({ rules: { onRepeat: 'again' } })],
    ['at most twice of each', mixed({ rules: { mostOfOne: 2 } })],
    ['with fair shares', mixed({ rules: { mostAhead: 2, stop: { after: 'draws', draws: 30 } } })],
    ['with no pattern', mixed({ rules: { noPattern: true, stop: { after: 'draws', draws: 30 } } })],
    [
      // More states than are kept as places: the rest is played by the machine.
      'with many fair shares',
      drawBeat(12, { rules: { mostAhead: 3, stop: { after: 'draws', draws: 60 } } }),
    ],
    ['drawn beforehand', mixed({ drawn: 'beforehand' })],
    [
      'by a number die',
      mixed({
        show: 'first',
        amount: {
          from: 'number die',
          sides: 6,
          dice: 2,
          times: 2,
          plus: 1,
          least: 3,
          most: 25,
          ask: true,
        },
      }),
    ],
  ];

  it.each(cases)('is as long, without variation, as its schedule: %s', (_, beat) => {
    const adventure = withBeats(tell, moveBeat([doseOf('cat-stretch', 3)]), beat, circuit(2), tell);
    const context = contextOf(adventure);
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        const secondsOf = measureDraws(context, beat);
        const draws =
          beat.drawn === 'beforehand'
            ? undefined
            : new Map([
                [beat.id, resolveBeat(beat, seededRandom(seed), (d) => secondsOf(d).seconds)],
              ]);
        const schedule = unroll(adventure, adventure.setting, DEFAULT_PACE, draws);
        const one = forecast(context, seededRandom(seed), 1, NO_VARIATION);
        expect(one.seconds.mean).toBeCloseTo(schedule.totalSeconds, 6);
        expect(one.reps.mean).toBe(schedule.totals.all.reps);
        expect(one.landings.mean).toBe(schedule.totals.all.landings);
        const [, , , four, five] = schedule.totals.all.effortSeconds;
        expect(one.livelySeconds.mean).toBeCloseTo(four + five, 6);
        for (const { move, seconds, reps } of one.moves) {
          const sum = schedule.totals.byMove.get(move);
          expect(seconds.mean).toBeCloseTo(sum?.workSeconds ?? 0, 6);
          expect(reps.mean).toBe(sum?.reps ?? 0);
        }
      }),
      { numRuns: 25 },
    );
  });

  it('never fails, and never has no length or less, whatever the script', () => {
    fc.assert(
      fc.property(arbitraryAdventure, fc.nat(), (adventure, seed) => {
        const { seconds, chanceOver } = forecast(contextOf(adventure), seededRandom(seed), 5);
        expect(seconds.mean).toBeGreaterThanOrEqual(0);
        expect(Number.isFinite(seconds.mean)).toBe(true);
        expect(chanceOver >= 0 && chanceOver <= 1).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});

describe('many sessions', () => {
  const run = (adventure: Adventure, sessions: number, seed = 4): Forecast =>
    forecast(contextOf(adventure), seededRandom(seed), sessions);

  it('are the same from the same seed, and tell how sure they are', () => {
    const adventure = withBeats(tell, mixed());
    expect(run(adventure, 400)).toEqual(run(adventure, 400));
    expect(run(adventure, 400)).not.toEqual(run(adventure, 400, 5));
    expect(run(adventure, 400).errorBound).toBeCloseTo(Math.sqrt(Math.log(200) / 800), 9);
  });

  // A move of five in ten throws of a die with six faces: 5 x binomial(10, 1/6), by jstat.
  it('bring a move as often as the binomial distribution says (jstat)', () => {
    const moves = ['squat', 'march', 'hop', 'lunge', 'bear-walk', 'frog-jump'];
    const { moves: spread } = run(withBeats(drawBeat(moves)), 20_000);
    const squats = spread.find(({ move }) => move === 'squat')!.reps;
    expect(squats.mean).toBeCloseTo((5 * 10) / 6, 0);
    for (const [name, share] of [
      ['p10', 0.1],
      ['p50', 0.5],
      ['p90', 0.9],
    ] as const) {
      let k = 0;
      while (jstat.binomial.cdf(k, 10, 1 / 6) < share) k += 1;
      expect(squats[name]).toBe(5 * k);
    }
  });

  it('spread around the schedule, and past the slot in half of them when it is just as long', () => {
    const script = withBeats(
      tell,
      moveBeat([doseOf('squat', 20), doseOf('march', 30)]),
      circuit(3),
    );
    const { totalSeconds } = unroll(script);
    const setting = { ...script.setting, slotSeconds: totalSeconds };
    const result = run({ ...script, setting }, 20_000);
    expect(result.seconds.mean / totalSeconds).toBeCloseTo(1, 2);
    expect(result.seconds.p10).toBeLessThan(totalSeconds);
    expect(result.seconds.p90).toBeGreaterThan(totalSeconds);
    expect(Math.abs(result.chanceOver - 0.5)).toBeLessThan(0.03);
    expect(result.lengths.shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
  });

  it('report how far they are, and refuse to be none', () => {
    const shares: number[] = [];
    const script = contextOf(withBeats(tell));
    forecast(script, seededRandom(1), 10_000, NO_VARIATION, (share) => shares.push(share));
    expect(shares).toEqual([0.5, 1]);
    expect(() => forecast(script, seededRandom(1), 0)).toThrow(RangeError);
  });
});
