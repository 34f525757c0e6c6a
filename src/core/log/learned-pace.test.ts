import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import jstat from 'jstat';
import { TIMINGS } from '../cues/timing';
import { DEFAULT_PACE, paceAs, secondsPerRep, type Pace } from '../cues/pace';
import { variationFor } from '../forecast/variation';
import { BUILT_IN, moveIn } from '../moves/move-book';
import { howPlansHold } from './how-plans-hold';
import { learnPace, shrinkage } from './learned-pace';
import { withLearned } from './with-learned';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { runOf } from '../testing/make-run';
import type { Run } from './run';
import { sightingsOf, type Sighting } from './sightings';

const usual = TIMINGS.wordsPerMinute.usual;
const talk = (words: number, seen = 1): Sighting => ({
  key: 'wordsPerMinute',
  times: words / usual,
  seen,
});
const learned = (...words: readonly number[]) =>
  learnPace(words.map((one) => [talk(one)])).find(({ key }) => key === 'wordsPerMinute')!;

describe('shrinkage', () => {
  it('is that of a normal mean with known variances', () => {
    // Any textbook of Bayesian statistics: the posterior mean of a normal mean m, prior N(0, b²), n values
    // of variance w² with mean x, is x · n b² / (n b² + w²). Worked here by numbers, as a sum over the density.
    const [b, w, n, x] = [0.12, 0.18, 4, 0.3];
    let mass = 0;
    let mean = 0;
    for (let m = -1; m <= 1; m += 0.0005) {
      const density = jstat.normal.pdf(m, 0, b) * jstat.normal.pdf(x, m, w / Math.sqrt(n));
      mass += density;
      mean += m * density;
    }
    expect(shrinkage(n, b, w) * x).toBeCloseTo(mean / mass, 4);
  });

  it('trusts nothing without evidence, and more with more', () => {
    expect(shrinkage(0, 0.2, 0.2)).toBe(0);
    expect(shrinkage(1, 0.2, 0.2)).toBe(0.5);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), (n) => {
        expect(shrinkage(n + 1, 0.12, 0.18)).toBeGreaterThan(shrinkage(n, 0.12, 0.18));
        expect(shrinkage(n, 0.12, 0.18)).toBeLessThan(1);
      }),
    );
  });
});

describe('a pace that is learned', () => {
  it('leans on the usual at first, and comes to the presenter’s own', () => {
    const words = (n: number) => usual * learned(...Array<number>(n).fill(120)).times;
    expect(words(1)).toBeGreaterThan(145);
    expect(words(30)).toBeLessThan(135);
    expect(words(3)).toBeLessThan(words(1));
  });

  it('outliers do little', () => {
    const plain = learned(150, 152, 148, 151, 149).times;
    const withOne = learned(150, 152, 148, 60, 151, 149).times;
    expect(Math.abs(withOne / plain - 1)).toBeLessThan(0.04);
  });

  it('nobody is believed to be further from the usual than two fifths and two and a half times', () => {
    const many = (times: number) => learned(...Array<number>(80).fill(usual * times)).times;
    expect(many(9)).toBe(2.5);
    expect(many(0.1)).toBe(0.4);
    expect(many(2)).toBeLessThan(2.5);
  });

  it('the newest count more', () => {
    const older = [...Array<number>(10).fill(120), ...Array<number>(10).fill(200)];
    expect(learned(...older).times).toBeLessThan(learned(...[...older].reverse()).times);
  });

  it('tells how often each thing was seen, and how much it varies', () => {
    const figure = learnPace([[talk(150, 3)], [talk(160, 2)]])[0]!;
    expect(figure).toMatchObject({ sessions: 2, seen: 5 });
    expect(figure.varies).toBeCloseTo(Math.abs(Math.log(160 / 150)) / 2, 2);
  });

  it('is used where nothing was set by hand or set aside', () => {
    const figures = learnPace([
      [
        talk(120),
        { key: 'rep squat', times: 1.5, seen: 2 },
        { key: 'childThrowSeconds', times: 2, seen: 3 },
      ],
    ]);
    const pace = withLearned(DEFAULT_PACE, figures, []);
    expect(pace.wordsPerMinute).toBeLessThan(usual);
    expect(pace.childThrowSeconds).toBeGreaterThan(TIMINGS.childThrow.usual);
    const squat = moveIn(BUILT_IN, 'squat');
    for (const age of [3, 5, 7]) {
      const ages = { from: age, to: age };
      const now = secondsPerRep(squat, ages, pace);
      const before = secondsPerRep(squat, ages, DEFAULT_PACE);
      expect(now / before).toBeCloseTo(figures.find(({ key }) => key === 'rep squat')!.times, 6);
    }
    const own = { ...DEFAULT_PACE, wordsPerMinute: 200, secondsPerRep: { squat: 2 } };
    expect(withLearned(own, figures, []).wordsPerMinute).toBe(200);
    expect(secondsPerRep(squat, { from: 5, to: 5 }, withLearned(own, figures, []))).toBe(2);
    expect(
      withLearned(
        DEFAULT_PACE,
        figures,
        figures.map(({ key }) => key),
      ),
    ).toEqual(DEFAULT_PACE);
  });

  it('how much the presenter varies is told once three sessions did', () => {
    const after = (...words: number[]) =>
      variationFor(withLearned(DEFAULT_PACE, learnPace(words.map((one) => [talk(one)])), [])).talk;
    const usualTalk = after(150, 150);
    expect(variationFor(DEFAULT_PACE).talk).toBeGreaterThan(usualTalk);
    expect(after(150, 151, 149)).toBeLessThan(usualTalk);
    expect(after(110, 150, 200)).toBeGreaterThan(usualTalk);
    // Nobody is the same every day.
    expect(after(150, 150, 150)).toBe(0.05);
  });

  it('a colleague’s pace is usual, slower or brisker', () => {
    expect(paceAs('usual')).toEqual(DEFAULT_PACE);
    const squat = moveIn(BUILT_IN, 'squat');
    const each = (view: 'slower' | 'brisk') =>
      secondsPerRep(squat, { from: 5, to: 5 }, paceAs(view));
    expect(each('slower')).toBeGreaterThan(each('brisk'));
    expect(paceAs('slower').wordsPerMinute).toBe(TIMINGS.wordsPerMinute.least);
    expect(paceAs('brisk').wordsPerMinute).toBe(TIMINGS.wordsPerMinute.most);
  });
});

const cue = (
  id: string,
  kind: Run['plan'][number]['kind'],
  more: object = {},
): Run['plan'][number] => ({
  id,
  kind,
  beatId: 'bt_1',
  chapterId: 'ch_1',
  startSeconds: 0,
  lengthSeconds: 10,
  effort: 3,
  ...more,
});
describe('what a session tells', () => {
  const plan = [
    cue('1', 'say', { words: 30 }),
    cue('2', 'say', { words: 3 }),
    cue('3', 'work', { counts: 10, move: 'squat' }),
    cue('4', 'draw', { lengthSeconds: 12 }),
  ];
  const visits = [
    ['1', 12],
    ['2', 9],
    ['3', 24],
    ['4', 18],
  ] as const;
  const tell = (given: Partial<Run>, leading: Partial<Run['leading']> = {}) =>
    sightingsOf(
      runOf(
        { plan, ...given, leading: leading as Run['leading'] },
        visits.map((one) => [...one]),
      ),
      BUILT_IN,
    );

  it('on the Stage is what the leader ended: lines, taps, real throws', () => {
    expect(
      tell(
        { typed: { bt_1: [{ outcome: 1, number: null }] } },
        { lines: 'wait for me', counts: 'taps' },
      ),
    ).toEqual([
      { key: 'wordsPerMinute', times: (30 * 60) / 12 / usual, seen: 1 },
      { key: 'rep squat', times: 2.4 / moveIn(BUILT_IN, 'squat').secondsPerRep['5'], seen: 1 },
      { key: 'childThrowSeconds', times: 18 / TIMINGS.childThrow.usual, seen: 1 },
    ]);
  });

  it('a move that was shown tells, as times of what is usual, in whatever pace it was planned', () => {
    const unwritten = TIMINGS.showUnwritten.usual;
    const shownFor = (seconds: number, showTimes: number, planned = unwritten * showTimes) =>
      sightingsOf(
        runOf(
          {
            plan: [cue('1', 'show', { lengthSeconds: planned })],
            ...(showTimes === 1 ? {} : { showTimes }),
          },
          [['1', seconds]],
        ),
        BUILT_IN,
      );
    const times = 20 / unwritten;
    expect(shownFor(20, 1)).toEqual([{ key: 'showTimes', times, seen: 1 }]);
    expect(shownFor(20, 1.5)).toEqual([{ key: 'showTimes', times, seen: 1 }]);
    // As long as words take, or as it takes to get there, it tells nothing.
    expect(shownFor(20, 1, 18)).toEqual([]);
    const figures = learnPace(Array.from({ length: 20 }, () => shownFor(20, 1)));
    const squats = withBeats(moveBeat([doseOf('squat', 10)]));
    const shown = (pace: Pace) =>
      unroll(squats, squats.setting, pace).cues.find(({ kind }) => kind === 'show')!.lengthSeconds;
    expect(shown(DEFAULT_PACE)).toBe(unwritten);
    expect(shown(withLearned(DEFAULT_PACE, figures, []))).toBeGreaterThan(18);
    expect(shown(withLearned(DEFAULT_PACE, figures, ['showTimes']))).toBe(unwritten);
  });

  it('where the clock ran, or the rehearsal was sped up, is nothing', () => {
    expect(tell({}, { lines: 'run on' })).toEqual([]);
    expect(tell({ speed: 4 }, { lines: 'wait for me', counts: 'taps' })).toEqual([]);
  });
});

describe('how well plans hold', () => {
  const session = (n: number, real: number, more: Partial<Run> = {}) =>
    runOf(
      {
        id: `run_${n}`,
        startedAt: `2026-03-${String(n).padStart(2, '0')}T09:00:00.000Z`,
        plan: [cue('1', 'work', { lengthSeconds: 100 })],
        ...more,
      },
      [['1', real]],
    );

  it('is told of the last sessions, those that were led to their end at their own speed', () => {
    const held = howPlansHold([
      session(1, 104),
      session(2, 130),
      session(3, 95),
      session(4, 50, { speed: 2 }),
    ])!;
    expect(held.sessions.map(({ realSeconds }) => realSeconds)).toEqual([95, 130, 104]);
    expect(held.close).toBe(2);
    expect(held.typicalError).toBeCloseTo(0.05, 6);
    expect([held.told, held.inRange]).toEqual([0, 0]);
  });

  it('tells how many were in the range that was told beforehand, its ends with it', () => {
    const expected = { lowSeconds: 95, highSeconds: 110 };
    const held = howPlansHold([
      session(1, 95, { expected }),
      session(2, 110.5, { expected }),
      session(3, 110, { expected }),
      session(4, 100),
    ])!;
    expect([held.told, held.inRange]).toEqual([3, 2]);
  });

  it('is nothing without any, and of ten at most', () => {
    expect(howPlansHold([])).toBeNull();
    const many = Array.from({ length: 20 }, (_, n) => session(n + 1, 100));
    expect(howPlansHold(many)!.sessions).toHaveLength(10);
  });
});
