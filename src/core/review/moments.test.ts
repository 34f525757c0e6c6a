import { describe, expect, it } from 'vitest';
import type { Cue } from '../cues/cue';
import type { CountedSet, FoundBeat, ReviewMoment, Shares } from '../log/reviewed';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { momentInWords } from './moment-words';
import { momentsOf } from './moments';
import { plannedShares, sharesOf, type RealCue } from './real-cues';
import { segmentsOf } from './segments';

const adventure = withBeats(moveBeat([doseOf('hop', 10, { sides: 'each' })]), {
  kind: 'drink',
  id: 'bt_drink',
  text: '',
  seconds: 30,
});
const { cues, totalSeconds } = unroll(adventure);
const segments = segmentsOf(adventure, cues, new Set());
const drink = cues.find(({ kind }) => kind === 'drink')!;
const SHARES: Shares = {
  moving: 0.5,
  talking: 0.3,
  plannedMoving: 0.5,
  plannedTalking: 0.3,
  longestStillSeconds: 30,
  longestStillAt: 0,
  leftSeconds: 0,
  rightSeconds: 0,
};
const hop = { segment: 0, variant: 0, elsewhere: false, fromSeconds: 0 };
const laid = (toSeconds: number) => ({
  segments,
  alignment: { found: [{ ...hop, toSeconds }], led: new Float64Array(2) },
  counts: [],
  labels: new Map(),
});
const real = (cue: Cue, from: number, seconds: number): RealCue => ({
  cue,
  startSeconds: from,
  endSeconds: from + seconds,
});
const told = (given: {
  beats?: readonly FoundBeat[];
  counts?: readonly CountedSet[];
  real?: readonly RealCue[];
  shares?: Partial<Shares>;
  hops?: number;
  left?: number;
  right?: number;
  missing?: readonly ReviewMoment[];
}) =>
  momentsOf(
    laid(given.hops ?? 60),
    given.beats ?? [],
    given.counts ?? [],
    given.real ?? [],
    { ...SHARES, ...given.shares },
    () => ({ left: given.left ?? 1, right: given.right ?? 1 }),
    given.missing ?? [],
  ).map((moment) => [moment.startSeconds, momentInWords(moment)]);

describe('moments worth telling', () => {
  it('a drink or a rest that was given less than three fifths of its time', () => {
    expect(told({ real: [real(drink, 40, 18)] })).toEqual([]);
    expect(told({ real: [real(drink, 40, 17)] })).toEqual([[40, '17 s instead of 30 s']]);
  });

  it('a count that is off by two and more: by one is the captions’ doing', () => {
    const set = (counted: number | null): CountedSet => ({
      beatId: 'bt',
      part: 'ac',
      move: 'hop',
      name: 'hop',
      round: 1,
      set: 1,
      side: 'any',
      planned: 10,
      counted,
      startSeconds: 5,
      secondsPerCount: 1,
    });
    expect(told({ counts: [set(9), set(11), set(10), set(null)] })).toEqual([]);
    expect(told({ counts: [set(8)] })).toEqual([[5, 'counted to 8 instead of 10']]);
    expect(told({ counts: [set(12)] })).toEqual([[5, 'counted to 12 instead of 10']]);
  });

  it('more than two minutes in which nobody moves', () => {
    expect(told({ shares: { longestStillSeconds: 120 } })).toEqual([]);
    expect(told({ shares: { longestStillSeconds: 121, longestStillAt: 7 } })).toEqual([
      [7, 'nobody moves for 2:01'],
    ]);
  });

  it('one side that was never named, in time for one side only', () => {
    const sides = cues.filter(({ doing }) => doing).map((cue, n) => real(cue, n * 0.1, 0.1));
    const planned = segments[0]!.plannedSeconds;
    const share = (times: number) => ({ hops: planned * times, real: sides });
    expect(told({ ...share(0.69), right: 0 })).toEqual([[0, 'one side only, by the sound of it']]);
    expect(told({ ...share(0.71), right: 0 })).toEqual([]);
    expect(told({ ...share(0.69) })).toEqual([]);
    expect(told({ ...share(0.69), left: 0, right: 0 })).toEqual([]);
  });

  it('what was left out, twice the second time only, and by their times', () => {
    const beat = (state: FoundBeat['state'], startSeconds: number, label: string): FoundBeat => ({
      beatId: label,
      label,
      startSeconds,
      endSeconds: startSeconds + 5,
      confidence: 1,
      state,
    });
    const beats = [
      beat('left out', 90, 'a'),
      beat('twice', 10, 'b'),
      beat('twice', 50, 'b'),
      beat('led', 20, 'c'),
      beat('out of order', 30, 'd'),
    ];
    expect(told({ beats })).toEqual([
      [30, 'not in its place'],
      [50, 'done twice'],
      [90, 'left out'],
    ]);
  });
});

describe('shares of a recording', () => {
  const work = cues.filter(({ kind }) => kind === 'work');
  it('add up work that moves, by what it really took, and the longest time without', () => {
    const led = [real(work[0]!, 10, 20), real(drink, 30, 40), real(work[1]!, 70, 20)];
    expect(sharesOf(led, [{ startSeconds: 0, endSeconds: 25 }], 100)).toEqual({
      moving: 0.4,
      talking: 0.25,
      longestStillSeconds: 40,
      longestStillAt: 30,
      leftSeconds: 20,
      rightSeconds: 20,
    });
    // The end counts too.
    expect(sharesOf(led, [], 200).longestStillSeconds).toBe(110);
  });

  it('of the plan are those of its cues', () => {
    const moving = work.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
    expect(plannedShares(cues, totalSeconds).plannedMoving).toBeCloseTo(moving / totalSeconds, 2);
  });
});
