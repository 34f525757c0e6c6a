import { describe, expect, it } from 'vitest';
import type { Beat } from '../beats';
import { circuit, doseOf, moveBeat, withBeats } from '../testing/make';
import { adaptToAges } from './adapt-to-ages';

const SIXES = { from: 6, to: 7 };
const beatsFor = (age: number, ...beats: readonly Beat[]) => {
  const script = withBeats(...beats);
  return adaptToAges(script, { from: age, to: age }).chapters[0]!.beats;
};

describe('for other ages', () => {
  it.each([
    [3, 10, 20],
    [3, 45, 30],
    [5, 10, 20],
    [5, 45, 40],
    [6, 20, 30],
    [6, 60, 45],
    [4, 25, 25],
    [6, 40, 40],
  ])('at %i, %i s at a station become %i', (age, before, after) => {
    const [beat] = beatsFor(age, circuit(['march', 'squat'], { workSeconds: before }));
    expect(beat).toMatchObject({ kind: 'circuit', workSeconds: after });
  });

  it('a move that is too hard is done in its easier form, in that form’s usual amount', () => {
    const [beat] = beatsFor(3, moveBeat([doseOf('burpee', 5)]));
    const [action] = beat!.kind === 'move' ? beat!.actions : [];
    expect(action!.move).not.toBe('burpee');
    expect(action!.dose.amounts[0]).toBeGreaterThan(0);
  });

  it('what stays is the same, and the setting has the new ages', () => {
    const stays = { ...moveBeat([doseOf('burpee', 5)]), fit: 'stays' as const };
    const script = withBeats(stays, moveBeat([doseOf('squat', 8)]));
    const older = adaptToAges(script, SIXES);
    expect(older.chapters[0]!.beats[0]).toBe(stays);
    expect(older.chapters[0]!.beats[1]).not.toEqual(script.chapters[0]!.beats[1]);
    expect(older.setting).toEqual({ ...script.setting, ages: SIXES });
  });

  it('there and back again an amount is where it was', () => {
    const script = withBeats(moveBeat([doseOf('squat', 6)]), moveBeat([doseOf('squat', 12)]));
    const back = adaptToAges(adaptToAges(script, SIXES), script.setting.ages);
    // The least is the least for whom it is, and the most the most.
    expect(JSON.stringify(back.chapters)).toBe(JSON.stringify(script.chapters));
  });
});
