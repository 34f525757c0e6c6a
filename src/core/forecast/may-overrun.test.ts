import { seededRandom } from '../chance/random';
import { DEFAULT_PACE } from '../cues/pace';
import { describe, expect, it } from 'vitest';
import { moveBookOf } from '../moves/move-book';
import { unroll } from '../schedule/unroll';
import { doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { forecast } from './forecast';
import { mayOverrun } from './may-overrun';

const game = (draws: number, given: object = {}) =>
  drawBeat(['march', 'jog', 'hop', 'squat', 'star-shape', 'plank'], {
    rules: { stop: { after: 'draws', draws } } as never,
    ...given,
  });
const overrun = (adventure: ReturnType<typeof withBeats>, slotSeconds: number) => {
  const setting = { ...adventure.setting, slotSeconds };
  const schedule = unroll(adventure, setting);
  return { schedule, told: mayOverrun(adventure, setting, schedule, moveBookOf(adventure)) };
};

describe('mayOverrun', () => {
  const adventure = withBeats(moveBeat([doseOf('squat', 10)]), game(8));
  const { schedule } = overrun(adventure, 600);

  it('is sure of a slot far too short, and sure of one far too long', () => {
    expect(overrun(adventure, schedule.totalSeconds / 3).told!.chance).toBeGreaterThan(0.95);
    const roomy = overrun(adventure, schedule.totalSeconds * 3).told!;
    expect(roomy.chance).toBeLessThan(0.01);
    expect(roomy.tooLongSeconds).toBe(0);
  });
  it('gets less likely the longer the slot is, and says what would have to go', () => {
    const told = [0.8, 0.9, 1, 1.1, 1.2].map(
      (share) => overrun(adventure, schedule.totalSeconds * share).told!,
    );
    for (let n = 1; n < told.length; n += 1) {
      expect(told[n]!.chance).toBeLessThan(told[n - 1]!.chance);
      expect(told[n]!.tooLongSeconds).toBeLessThanOrEqual(told[n - 1]!.tooLongSeconds);
    }
    // A second less of room is a second more that has to go.
    const [one, other] = [overrun(adventure, 100).told!, overrun(adventure, 101).told!];
    expect(one.tooLongSeconds - other.tooLongSeconds).toBeCloseTo(1, 6);
  });
  it('names the game that draws longest, and how long one draw takes', () => {
    const [short, long] = [game(2), game(9)];
    const { told } = overrun(withBeats(short, long), 300);
    expect(told!.beat).toBe(long);
    expect(told!.drawSeconds).toBeGreaterThan(3);
    expect(told!.drawSeconds).toBeLessThan(60);
  });
  it('comes near to what the forecast plays out', () => {
    const setting = { ...adventure.setting, slotSeconds: schedule.totalSeconds * 1.05 };
    const { chance } = mayOverrun(adventure, setting, schedule, moveBookOf(adventure))!;
    const context = { adventure, setting, pace: DEFAULT_PACE, book: moveBookOf(adventure) };
    const played = forecast(context, seededRandom(5), 20_000);
    expect(Math.abs(chance - played.chanceOver)).toBeLessThan(0.12);
  });
  it('says nothing where nothing is drawn as it is led', () => {
    expect(overrun(withBeats(moveBeat([doseOf('squat', 10)])), 60).told).toBeNull();
    expect(overrun(withBeats(game(4, { drawn: 'beforehand' })), 60).told).toBeNull();
  });
});
