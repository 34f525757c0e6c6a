import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import type { Beat } from '../beats';
import { PLAIN_ACTION } from '../model/action';
import { plainDose, type Dose, type DoseUnit } from '../model/dose';
import { unroll } from '../schedule/unroll';
import type { Setting } from '../model/setting';
import { doseOf, FACTORY, moveBeat, withBeats } from '../testing/make';
import { check } from './check';

type AnAge = Parameters<typeof FACTORY.setting>[0];

/** What the rule says of a beat in a setting, after other beats. */
const saidIn = (setting: Setting, beat: Beat, ...before: readonly Beat[]) => {
  const adventure = { ...withBeats(...before, beat), setting };
  return check(adventure, setting, unroll(adventure), dictionary).filter(
    ({ rule, place }) => rule === 'dose-for-age' && place.beatId === beat.id,
  );
};
/** Of the first thing that is done in a session for an age. */
const saidOf = (beat: Beat, age: AnAge = 5) => saidIn(FACTORY.setting(age), beat);
const doing = (move: string, amount: number, unit: DoseUnit = 'reps', dose: Partial<Dose> = {}) =>
  moveBeat([doseOf(move, amount, { unit, ...dose })]);
/** Of what comes after a first go at the same move. */
const again = (beat: ReturnType<typeof doing>, age: AnAge = 5) =>
  saidIn(FACTORY.setting(age), beat, doing(beat.actions[0]!.move, 6));

describe('too much, by what it asks of a body (docs/findings.md)', () => {
  // For fives: the usual most, times what its effort bears, or as long as a bout of it lasts.
  it.each([
    ['gentle: five times eight', 'click', 'reps', 40],
    ['easy: four times twelve', 'rock-boat', 'reps', 48],
    ['middling: two and a half times twelve', 'step-jack', 'reps', 30],
    ['hard: one and a half times twelve', 'squat', 'reps', 18],
    ['hardest: one and a quarter times twelve', 'quick-climb', 'reps', 15],
    ['with landings: one and a quarter times twenty', 'heel-kick', 'reps', 25],
    ['a hold that strains: one and a quarter times ten', 'plank', 'hold', 12.5],
    ['a stretch: three times ten', 'side-bend', 'hold', 30],
    ['a hold that rests: five minutes', 'butterfly-sit', 'hold', 300],
    ['a walk by the clock: a bout of a minute and a half', 'march', 'seconds', 90],
    ['easy, by the clock: three minutes', 'swim-stroke', 'seconds', 180],
    ['gentle, by the clock: five minutes', 'hand-wave', 'seconds', 300],
    ['a jog: a bout of a minute', 'jog', 'seconds', 60],
    ['as fast as can be: a bout of thirty-five seconds', 'fast-feet', 'seconds', 35],
    ['lying still: five minutes', 'lie-still', 'seconds', 300],
  ] as const)('%s', (_what, move, unit, most) => {
    const last = Math.floor(most);
    expect(saidOf(doing(move, last, unit))).toEqual([]);
    expect(saidOf(doing(move, last + 1, unit))).toMatchObject([{ severity: 'mend' }]);
    expect(saidOf(doing(move, most * 2, unit))).toMatchObject([{ severity: 'mend' }]);
    expect(saidOf(doing(move, most * 2 + 1, unit))).toMatchObject([{ severity: 'stop' }]);
  });

  it.each([
    [3, 67, 68],
    [4, 67, 68],
    [5, 90, 91],
    [6, 112, 113],
  ] as const)('a bout of marching for %i lasts %i seconds', (age, most, above) => {
    expect(saidOf(doing('march', most, 'seconds'), age)).toEqual([]);
    expect(saidOf(doing('march', above, 'seconds'), age)).not.toEqual([]);
  });

  it('another unit than the usual one isn’t judged by it', () => {
    expect(saidOf(doing('squat', 100, 'hold'))).toEqual([]);
  });

  it('the worst of several is told, and what is usual for whom', () => {
    const ladder = doing('squat', 10, 'reps', { amounts: [10, 20, 30] });
    expect(saidOf(ladder)).toMatchObject([{ params: { amount: 30, least: 6, most: 12 } }]);
    const asked = {
      as: 'by age' as const,
      ages: [
        { age: 5, amount: 20 },
        { age: 6, amount: 21 },
      ],
    };
    const byAge = doing('squat', 21, 'reps', { asked });
    const [found] = saidIn({ ...FACTORY.setting(5), ages: { from: 5, to: 6 } }, byAge);
    expect(found).toMatchObject({ params: { amount: 20, most: 12 } });
  });
});

describe('hardly any', () => {
  // Six are the usual least for fives: two are less than half, and are done in less than five seconds.
  it('fewer than half of the usual least, done in no time, is worth a thought', () => {
    expect(again(doing('squat', 1))).toMatchObject([
      { severity: 'think', params: { above: 0, amount: 1, least: 6 } },
    ]);
    expect(again(doing('squat', 3))).toEqual([]);
  });

  it.each([
    ['as a first go', saidOf(doing('squat', 1))],
    ['for threes', again(doing('squat', 1), 3)],
    ['in a ladder', again(doing('squat', 1, 'reps', { amounts: [1, 2] }))],
    ['where they follow', again(moveBeat([doseOf('squat', 1)], { led: 'follow me' }))],
    [
      'where it’s as long as they like',
      again(doing('squat', 1, 'reps', { asked: { as: 'open', words: 'as long as you can' } })),
    ],
    [
      'where it’s only shown here, and done at home',
      again(moveBeat([{ ...doseOf('squat', 1), ...PLAIN_ACTION, home: plainDose('reps', 8) }])),
    ],
  ])('but not %s', (_why, said) => {
    expect(said).toEqual([]);
  });

  it('a dose for home is held to what is usual as well', () => {
    const shown = moveBeat([{ ...doseOf('squat', 1), home: plainDose('reps', 19) }]);
    expect(again(shown)).toMatchObject([{ severity: 'mend', params: { amount: 19 } }]);
  });
});
