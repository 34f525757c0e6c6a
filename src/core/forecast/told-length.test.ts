import { describe, expect, it } from 'vitest';
import type { Beat } from '../beats';
import { newDraw } from '../beats/draw';
import { DEFAULT_PACE } from '../cues/pace';
import { NO_GUISE, PLAIN_ACTION } from '../model/action';
import { plainDose } from '../model/dose';
import { countingIds, doseOf, moveBeat, withBeats } from '../testing/make';
import { besideSlot, lengthInShort, lengthTold, timed, toldLength } from './told-length';

const squats = moveBeat([doseOf('squat', 10)], { id: 'bt_squats' });
const newId = countingIds();
/** Twelve throws of a coin: four seconds for one side, a minute for the other. */
const entries = [4, 60].map((seconds) => ({
  label: '',
  action: {
    move: 'march',
    guise: NO_GUISE,
    dose: plainDose('seconds', seconds),
    ...PLAIN_ACTION,
  },
}));
const coin = newDraw({ kind: 'coin' }, entries, 5, newId);
const thrown = {
  ...coin,
  rules: { ...coin.rules, stop: { after: 'draws' as const, draws: 12 } },
};
const told = (...beats: readonly Beat[]) => timed(withBeats(...beats)).told;

describe('the length that is told everywhere', () => {
  it('is that of the schedule where nothing is left to chance', () => {
    const adventure = withBeats(squats);
    const { totalSeconds, told } = timed(adventure);
    expect(told).toEqual({ seconds: totalSeconds, spread: null, as: '' });
    expect(lengthTold(told)).toMatch(/^\d+:\d\d$/u);
  });

  it('does not hang on the seeds of the draws, and is the same for a copy of the script', () => {
    const other = { ...thrown, seed: thrown.seed + 99 };
    expect(told(other)).toEqual(told(thrown));
    const adventure = withBeats(squats, thrown);
    const read = JSON.parse(JSON.stringify(adventure)) as typeof adventure;
    expect(toldLength(read, read.setting, DEFAULT_PACE)).toEqual(timed(adventure).told);
  });

  it('has the middle session between its ends, wide apart where chance is', () => {
    const { seconds, spread, as } = told(thrown);
    expect(as).toBe('as the coin falls');
    // Of 12 fair throws, 4 to 8 are heads in eight sessions of ten (binomial: P(X <= 3) = 0.073,
    // P(X <= 4) = 0.194): the ends lie four long throws apart.
    expect(spread!.high - spread!.low).toBeGreaterThan(3.5 * 56);
    expect(spread!.high - spread!.low).toBeLessThan(4.5 * 56);
    expect(seconds).toBeGreaterThan(spread!.low);
    expect(seconds).toBeLessThan(spread!.high);
  });

  it('names what decides, and nothing in particular where several do', () => {
    const die = newDraw({ kind: 'die', sides: 6, dice: 1 }, [...entries, ...entries], 1, newId);
    expect(told({ ...die, id: 'bt_die' }).as).toBe('as the dice fall');
    expect(told({ ...die, id: 'bt_die' }, thrown).as).toBe('as it’s drawn');
  });

  it('takes a draw that was made beforehand as it is', () => {
    expect(told({ ...thrown, drawn: 'beforehand' }).spread).toBeNull();
  });

  it.each([
    [728, 670, 770, 'about 12 min'],
    [341, 329, 353, 'about 5 min 30 s'],
    [341, 335, 353, 'about 5:41'],
    [20, 10, 40, 'about 30 s'],
  ])('%d s between %d and %d is told as %s: never outside what it lies between', (...given) => {
    const [seconds, low, high, words] = given;
    expect(lengthInShort({ seconds, spread: { low, high }, as: '' })).toBe(words);
  });

  it('is told in words, beside the slot too', () => {
    const spread = { low: 670, high: 770 };
    const about = { seconds: 728, spread, as: 'as the dice fall' };
    expect(lengthTold(about)).toBe('about 12 min, as the dice fall (11:10 to 12:50)');
    expect(besideSlot(about, 900)).toBe('about 3 min to spare');
    expect(besideSlot(about, 760)).toBe('32 s to spare, but it may run over');
    expect(besideSlot(about, 720)).toBe('8 s too long');
    expect(besideSlot({ ...about, spread: null }, 728)).toBe('0 s to spare');
  });
});
