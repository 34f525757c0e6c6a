import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { doseOf, drawBeat, withBeats } from '../testing/make';
import { resolveDraws } from '../schedule/resolve-draws';
import { unroll } from '../schedule/unroll';
import type { Draw } from './draw-schema';

const timed = (beat: Draw, seconds: number): Draw => ({
  ...beat,
  entries: beat.entries.map((entry) => ({
    ...entry,
    action: { ...entry.action, dose: doseOf('x', seconds, { unit: 'seconds' }).dose },
  })),
});
const stop = (draws: number) => ({ after: 'draws' as const, draws });

describe('a draw beat', () => {
  // docs/facts.md, worked sums: 20 throws x 30 s = 600 s.
  it('20 throws of 30 s are 600 s of work, each with its throw', () => {
    const beat = timed(drawBeat(['march', 'squat', 'hop'], { rules: { stop: stop(20) } }), 30);
    const { totals, cues } = unroll(withBeats(beat));
    expect(totals.all.workSeconds).toBe(600);
    expect(cues.filter(({ kind }) => kind === 'draw')).toHaveLength(20);
    expect(cues.at(-1)!.doing!.round).toEqual({ n: 20, of: 20 });
  });

  it('does what follows a move in a sequence, but not after its stand-in', () => {
    const beat = drawBeat(['stork-stand'], { rules: { stop: stop(3) } });
    const [entry] = beat.entries;
    const then = [doseOf('log-roll', 2), doseOf('stork-stand', 5)];
    const sequence = { ...beat, entries: [{ ...entry!, then }] };
    const moves = (one: Draw) =>
      unroll(withBeats(one))
        .cues.filter(({ kind }) => kind === 'work')
        .map(({ doing }) => doing!.move);
    const once = ['stork-stand', 'log-roll', 'stork-stand'];
    expect(moves(sequence)).toEqual([...once, ...once, ...once]);
    const standIn = doseOf('march', 4);
    const rules = { ...sequence.rules, onRepeat: 'stand-in' as const, standIn };
    expect(moves({ ...sequence, rules })).toEqual([...once, 'march', ...once]);
  });

  it('asks the sum before it is done, in tens with a breather', () => {
    const beat = drawBeat(['squat'], {
      device: { kind: 'die', sides: 12, dice: 1 },
      entries: [
        { ...drawBeat(['squat']).entries[0]!, faces: Array.from({ length: 12 }, (_, n) => n + 1) },
      ],
      amount: { from: 'outcome', times: 2, plus: 0, least: 24, most: 24, ask: true },
      rules: { stop: stop(1) },
    });
    const { cues, totals } = unroll(withBeats(beat));
    expect(cues.find(({ kind }) => kind === 'ask')!.text).toMatch(/^How many is \d+ times 2\?$/u);
    expect(cues.filter(({ kind }) => kind === 'work').map(({ reps }) => reps)).toEqual([10, 10, 4]);
    expect(totals.all.reps).toBe(24);
  });

  it('travels between the draws for a time within its range', () => {
    const beat = drawBeat(['squat', 'march'], {
      rules: {
        stop: stop(8),
        between: { move: 'jog', leastSeconds: 5, mostSeconds: 9, tightens: false },
      },
    });
    const { cues } = unroll(withBeats(beat));
    const jogs = cues.filter(({ kind, doing }) => kind === 'work' && doing?.move === 'jog');
    expect(jogs).toHaveLength(8);
    for (const { lengthSeconds } of jogs) {
      expect(lengthSeconds).toBeGreaterThanOrEqual(5);
      expect(lengthSeconds).toBeLessThanOrEqual(9);
    }
  });

  it('stops after a time, with the draw that was begun done', () => {
    const beat = timed(
      drawBeat(['march'], { rules: { stop: { after: 'seconds', seconds: 100 } } }),
      20,
    );
    const { totalSeconds, cues } = unroll(withBeats(beat));
    const starts = cues.filter(({ kind }) => kind === 'draw').map((cue) => cue.startSeconds);
    expect(starts.at(-1)!).toBeLessThan(100);
    expect(totalSeconds).toBeGreaterThanOrEqual(100);
  });

  it('does the stand-in where the rules say so', () => {
    const standIn = doseOf('tall-reach', 5, { unit: 'hold' });
    const beat = drawBeat(['squat'], { rules: { stop: stop(4), onRepeat: 'stand-in', standIn } });
    const draws = unroll(withBeats(beat)).cues.filter(({ kind }) => kind === 'draw');
    expect(draws.map(({ doing }) => doing!.move)).toEqual([
      'squat',
      'tall-reach',
      'squat',
      'tall-reach',
    ]);
  });

  it('draws anew with another seed when live, and stays as it was when drawn beforehand', () => {
    const live = drawBeat(6, { rules: { stop: stop(12) } });
    const kept: Draw = { ...drawBeat(6, { rules: { stop: stop(12) } }), drawn: 'beforehand' };
    const adventure = withBeats(live, kept);
    const drawn = (seed: number | null) =>
      resolveDraws(adventure, adventure.setting, DEFAULT_PACE, seed);
    expect(drawn(1).get(live.id)).not.toEqual(drawn(2).get(live.id));
    expect(drawn(1).get(kept.id)).toEqual(drawn(null).get(kept.id));
    expect(drawn(3)).toEqual(drawn(3));
  });

  it('that cannot be drawn from says its line and takes no more time', () => {
    const beat = drawBeat(0, { say: 'What will the wheel of the mill show?' });
    expect(unroll(withBeats(beat)).cues.map(({ kind }) => kind)).toEqual(['say']);
  });
});
