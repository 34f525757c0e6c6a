import { describe, expect, it } from 'vitest';
import type { Beat } from '../beats';
import { DEFAULT_PACE } from '../cues/pace';
import { NO_GUISE } from '../model/action';
import { MAX_LINE } from '../model/text';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { unroll } from '../schedule/unroll';
import { fitChoices, measure } from './choices';
import type { Mood } from './target';

const choicesOf = (beat: Beat, mood: Mood | null = null, mayMoveWords = true) => {
  const script = withBeats(beat);
  return fitChoices(script, script.setting, DEFAULT_PACE, mood, mayMoveWords)[0]?.options ?? [];
};
const amountOf = (beat: Beat | null) =>
  beat?.kind === 'move' ? beat.actions[0]!.dose.amounts[0]! : null;
const squats = (count: number) => moveBeat([doseOf('squat', count)], { show: 'none' });
const told = (move: string, line: string, meanwhile = '', amount = 8) =>
  moveBeat([{ ...doseOf(move, amount), guise: { ...NO_GUISE, line, meanwhile } }], {
    show: 'none',
  });

describe('the ways a beat could stand', () => {
  it('first as it was written, then the nearest ones, all in the usual range', () => {
    const options = choicesOf(squats(8));
    expect(options[0]).toMatchObject({ cost: 0 });
    expect(amountOf(options[0]!.beat)).toBe(8);
    // Six to twelve are usual for fives; eight is there already, and then come two sets.
    expect(options.slice(1, 7).map(({ beat }) => amountOf(beat))).toEqual([7, 9, 6, 10, 11, 12]);
    // Of the share by which it changes: once that, and four times its square; and any change at all.
    for (const { beat, cost } of options.slice(1, 7)) {
      const share = Math.abs(amountOf(beat)! - 8) / 8;
      expect(cost).toBeCloseTo(0.15 + share + 4 * share * share, 9);
    }
    const sets = options
      .slice(7)
      .map(({ beat }) => (beat?.kind === 'move' ? beat.actions[0]!.dose.amounts : []));
    expect(sets).toEqual([6, 7, 8, 9, 10, 11, 12].map((amount) => [amount, amount]));
  });

  it('each with what the whole comes to with it', () => {
    for (const { beat, seconds, reps, strain } of choicesOf(squats(8))) {
      const { totalSeconds, totals } = unroll(withBeats(beat!));
      expect(seconds).toBeCloseTo(totalSeconds, 9);
      expect(reps).toBe(totals.all.reps);
      // Effort above lying still: squats are level four, standing about is one.
      const { effortSeconds } = totals.all;
      const above = effortSeconds.map((each, level) => each * level);
      expect(strain).toBeCloseTo(
        above.reduce((sum, one) => sum + one, 0),
        9,
      );
    }
  });

  it('no choice where it stays, and gone where it may go', () => {
    expect(choicesOf({ ...squats(8), fit: 'stays' })).toEqual([]);
    const gone = choicesOf({ ...squats(8), fit: 'may go' }).at(-1)!;
    expect(gone).toEqual({ beat: null, cost: 0.6, seconds: 0, reps: 0, strain: 0 });
    expect(choicesOf({ kind: 'tell', id: 'bt_t', text: 'The fog lifts.' })).toEqual([]);
    expect(
      choicesOf({ kind: 'tell', id: 'bt_t', text: 'The fog lifts.', fit: 'may go' }).length,
    ).toBe(2);
  });

  it('no more than two dozen and the written one', () => {
    const many = moveBeat([doseOf('march', 20), doseOf('squat', 8), doseOf('lunge', 8)], {
      rounds: 2,
    });
    expect(choicesOf(many).length).toBeLessThanOrEqual(25);
  });
});

describe('words said in the work', () => {
  const line = 'Down for the bag, and up with it.';
  const moved = (options: ReturnType<typeof choicesOf>) =>
    options.filter(({ beat }) => JSON.stringify(beat).includes(`"line":""`));

  it('cost little, and save the time that they took', () => {
    const options = choicesOf(told('arm-circle', line));
    const [written] = options;
    const cheapest = options[1]!;
    expect(moved([cheapest])).toHaveLength(1);
    expect(cheapest.cost).toBeCloseTo(0.2, 9);
    expect(cheapest.seconds).toBeLessThan(written!.seconds);
    expect(cheapest.reps).toBe(written!.reps);
  });

  it('stand after what is said meanwhile already, or before it', () => {
    const [, cheapest] = choicesOf(told('arm-circle', line, 'Round and round.'));
    const [action] = cheapest!.beat!.kind === 'move' ? cheapest!.beat!.actions : [];
    expect(action!.guise.meanwhile).toContain(line);
    expect(action!.guise.meanwhile).toContain('Round and round.');
  });

  it.each([
    ['in hard work', told('squat', line)],
    ['where there are none', told('arm-circle', '  ')],
    ['where a beat can’t hold as many', told('arm-circle', line, 'x'.repeat(MAX_LINE - 5))],
    ['where they follow anyway', { ...told('arm-circle', line), led: 'follow me' as const }],
  ])('but not %s', (_why, beat) => {
    const written = JSON.stringify(beat);
    const guises = (text: string) => /"guise":\{.*?\}/u.exec(text)![0];
    for (const { beat: other } of choicesOf(beat))
      expect(guises(JSON.stringify(other))).toBe(guises(written));
  });

  it('and not where the time isn’t to be saved', () => {
    expect(moved(choicesOf(told('arm-circle', line), null, false))).toEqual([]);
    expect(moved(choicesOf(told('arm-circle', line))).length).toBeGreaterThan(1);
  });
});

describe('another mood', () => {
  it('has the other form of a move as well, dearer than another amount', () => {
    const forms = (mood: Mood) =>
      choicesOf(squats(8), mood).flatMap(({ beat, cost }) =>
        beat?.kind === 'move' && beat.actions[0]!.move !== 'squat' ? [cost] : [],
      );
    for (const mood of ['gentler', 'livelier'] as const) {
      expect(forms(mood).length).toBeGreaterThan(0);
      expect(Math.min(...forms(mood))).toBeCloseTo(0.5, 9);
    }
    const moves = choicesOf(squats(8), 'gentler').map(({ beat }) =>
      beat?.kind === 'move' ? beat.actions[0]!.move : '',
    );
    expect(new Set(moves).size).toBe(2);
  });

  it('has no form that is beyond the youngest', () => {
    // The harder form of a squat is jumped; one that is for sixes isn't offered to fives.
    for (const { beat } of choicesOf(moveBeat([doseOf('plank', 8, { unit: 'hold' })]), 'livelier'))
      expect(JSON.stringify(beat)).not.toContain('"burpee"');
  });
});

describe('what a script comes to', () => {
  it('is its seconds, its counts and its strain', () => {
    const script = withBeats(squats(8), moveBeat([doseOf('march', 20)]));
    const { totalSeconds, totals } = unroll(script);
    const { seconds, reps, strain } = measure(script, script.setting, DEFAULT_PACE);
    expect([seconds, reps]).toEqual([totalSeconds, totals.all.reps]);
    const rested = withBeats(moveBeat([doseOf('lie-still', 20, { unit: 'seconds' })]));
    expect(strain).toBeGreaterThan(measure(rested, rested.setting, DEFAULT_PACE).strain);
  });
});
