import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AGE_SPAN, ageBandOf, agesSchema } from './ages';
import { isSum } from './chance';
import {
  amountAtAge,
  BEATS_A_MINUTE,
  CHUNK_AFTER,
  doseSchema,
  doseTotal,
  goesFor,
  inChunks,
  MAX_AMOUNT,
  plainDose,
  plannedDose,
  tempoOfSet,
  tempoSchema,
  turnsPerSet,
  withAmounts,
  type Dose,
} from './dose';
import { figureSchema } from './figure';
import { HANDS, mirroredPose, poseSchema } from './pose';
import { childrenIn, DEFAULT_SETTING, settingSchema } from './setting';
import { builtInFigure } from '../figure/catalogue';
import { anyPose } from '../testing/figure-checks';

const dose = (change: Partial<Dose> = {}): Dose => ({ ...plainDose('reps', 10), ...change });

describe('ages', () => {
  it.each([
    [{ from: 3, to: 7 }, true],
    [{ from: 5, to: 5 }, true],
    [{ from: 2, to: 5 }, false],
    [{ from: 4, to: 8 }, false],
    [{ from: 6, to: 5 }, false],
    [{ from: 4.5, to: 5 }, false],
  ])('%o is taken: %s', (ages, isTaken) => {
    expect(agesSchema.safeParse(ages).success).toBe(isTaken);
  });

  it.each([
    [3, '3-4'],
    [4, '3-4'],
    [5, '5'],
    [6, '6-7'],
    [7, '6-7'],
  ])('a group whose youngest is %i is led as %s', (from, band) => {
    expect(ageBandOf({ from, to: AGE_SPAN.to })).toBe(band);
  });
});

describe('an amount', () => {
  const byAge = dose({
    asked: {
      as: 'by age',
      ages: [
        { age: 4, amount: 6 },
        { age: 6, amount: 12 },
      ],
    },
  });

  it.each([
    [3, 6],
    [4, 6],
    [5, 6],
    [6, 12],
    [7, 12],
  ])('for each age: %i does %i', (age, amount) => {
    expect(amountAtAge(byAge, 10, age)).toBe(amount);
    expect(amountAtAge(dose(), 10, age)).toBe(10);
  });

  it('is planned for the most that an age of the group does, and told for those that are there', () => {
    expect(plannedDose(byAge, { from: 4, to: 6 }).amounts).toEqual([12]);
    expect(plannedDose(byAge, { from: 3, to: 5 })).toMatchObject({ amounts: [6], asked: null });
    const both = plannedDose(byAge, { from: 5, to: 6 }).asked;
    expect(both).toEqual({
      as: 'by age',
      ages: [
        { age: 5, amount: 6 },
        { age: 6, amount: 12 },
      ],
    });
    const plain = dose();
    expect(plannedDose(plain, { from: 3, to: 7 })).toBe(plain);
  });

  it('that is doubled doubles what each age does and the least of a range', () => {
    expect(withAmounts(byAge, [20]).asked).toMatchObject({
      ages: [{ amount: 12 }, { amount: 24 }],
    });
    const range = dose({ asked: { as: 'range', least: 6 } });
    expect(withAmounts(range, [20]).asked).toEqual({ as: 'range', least: 12 });
    expect(withAmounts(range, [1]).asked).toEqual({ as: 'range', least: 1 });
    expect(withAmounts(range, [MAX_AMOUNT]).asked).toEqual({ as: 'range', least: 360 });
    expect(withAmounts(dose(), [7])).toEqual(dose({ amounts: [7] }));
  });

  it('past twenty is done in tens, and nothing is lost', () => {
    expect(inChunks(CHUNK_AFTER)).toEqual([20]);
    expect(inChunks(21)).toEqual([10, 10, 1]);
    expect(inChunks(30)).toEqual([10, 10, 10]);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: MAX_AMOUNT }), (amount) => {
        const chunks = inChunks(amount);
        expect(chunks.reduce((sum, one) => sum + one, 0)).toBe(amount);
        if (amount > CHUNK_AFTER) expect(Math.max(...chunks)).toBe(10);
        expect(Math.min(...chunks)).toBeGreaterThan(0);
      }),
    );
  });
});

describe('sets, sides, ways', () => {
  it('all of them are done: amounts times sides times directions times ways', () => {
    const all = dose({
      amounts: [10, 15, 20],
      sides: 'each',
      ways: 2,
      directions: ['forwards', 'back', 'round'],
    });
    expect(turnsPerSet(all)).toBe(2 * 3 * 2);
    expect(doseTotal(all)).toBe(45 * 12);
    expect(turnsPerSet(dose())).toBe(1);
    expect(turnsPerSet(dose({ sides: 'left' }))).toBe(1);
  });

  it('a set has its tempo, else the last that is named, else the usual one', () => {
    const two = dose({ tempo: ['slow', 120] });
    expect([0, 1, 2, 7].map((set) => tempoOfSet(two, set))).toEqual(['slow', 120, 120, 120]);
    expect(tempoOfSet(dose(), 0)).toBe('usual');
  });

  it.each([
    [null, 24, 1],
    ['half', 24, 2],
    ['half', 1, 1],
    [5, 24, 5],
    [6, 24, 4],
    [24, 24, 1],
    [5, 0, 1],
  ] as const)('%s at a time of %i children: %i goes', (atOnce, children, goes) => {
    expect(goesFor({ atOnce }, children)).toBe(goes);
  });
});

describe('what is refused', () => {
  it.each([
    [BEATS_A_MINUTE.least, true],
    [BEATS_A_MINUTE.least - 1, false],
    [BEATS_A_MINUTE.most, true],
    [BEATS_A_MINUTE.most + 1, false],
    ['quick', false],
    ['fast', true],
  ])('a tempo of %s is taken: %s', (tempo, isTaken) => {
    expect(tempoSchema.safeParse(tempo).success).toBe(isTaken);
  });

  it.each([
    ['nothing', { amounts: [] }],
    ['none of it', { amounts: [0] }],
    ['too much', { amounts: [MAX_AMOUNT + 1] }],
    ['half a one', { amounts: [2.5] }],
    ['three ways', { ways: 3 }],
    ['one age only', { asked: { as: 'by age', ages: [{ age: 4, amount: 5 }] } }],
    [
      'ages out of order',
      {
        asked: {
          as: 'by age',
          ages: [
            { age: 5, amount: 5 },
            { age: 4, amount: 5 },
          ],
        },
      },
    ],
    ['nobody at a time', { atOnce: 0 }],
  ])('a dose of %s', (_name, change) => {
    expect(doseSchema.safeParse(dose()).success).toBe(true);
    expect(doseSchema.safeParse({ ...dose(), ...change }).success).toBe(false);
  });

  it('a setting beyond what a hall is', () => {
    expect(settingSchema.safeParse(DEFAULT_SETTING).success).toBe(true);
    for (const change of [{ group: 0 }, { group: 61 }, { slotSeconds: 29 }, { grownUps: -1 }])
      expect(settingSchema.safeParse({ ...DEFAULT_SETTING, ...change }).success).toBe(false);
    const { room } = DEFAULT_SETTING;
    const odd = { ...DEFAULT_SETTING, room: { ...room, lengthMetres: 201 } };
    expect(settingSchema.safeParse(odd).success).toBe(false);
  });
});

describe('who and what', () => {
  it('a film is for one child, a room for the group', () => {
    expect(childrenIn({ place: 'filmed', group: 24 })).toBe(1);
    expect(childrenIn({ place: 'in the room', group: 24 })).toBe(24);
  });

  it('a sum is made of a number that was drawn', () => {
    expect(isSum({ from: 'dose' })).toBe(false);
    expect(isSum({ from: 'room' })).toBe(false);
    const sum = { times: 1, plus: 0, least: 1, most: 20, ask: false };
    expect(isSum({ from: 'outcome', ...sum })).toBe(true);
    expect(isSum({ from: 'number die', sides: 6, dice: 2, ...sum })).toBe(true);
  });
});

describe('figures and poses', () => {
  const squat = builtInFigure('squat')!;

  it.each([
    ['a hold that is no pose of it', { hold: 4 }, ['hold']],
    ['a best that is no pose of it', { best: 5 }, ['best']],
    ['a mark at no pose of it', { marks: [{ kind: 'zigzag', key: 3 }] }, ['marks', 0, 'key']],
    [
      'poses out of order',
      { keys: [squat.keys[0], { ...squat.keys[1], at: 0 }] },
      ['keys', 1, 'at'],
    ],
    [
      'a first pose that is late',
      { keys: squat.keys.map((key) => ({ ...key, at: key.at + 0.1 })) },
    ],
  ])('%s is refused, with its place', (_name, change, path?: readonly (string | number)[]) => {
    const read = figureSchema.safeParse({ ...squat, ...change });
    expect(read.success).toBe(false);
    if (path) expect(read.error?.issues.map((issue) => issue.path)).toContainEqual(path);
  });

  it('a pose of before hands were told has easy ones', () => {
    const { handL, handR, ...old } = squat.keys[0]!.pose;
    expect([handL, handR]).toEqual(['easy', 'easy']);
    expect(poseSchema.parse(old)).toMatchObject({ handL: 'easy', handR: 'easy' });
  });

  it('a mirrored pose has its hands changed over, and back again', () => {
    fc.assert(
      fc.property(
        anyPose,
        fc.constantFrom(...HANDS),
        fc.constantFrom(...HANDS),
        (pose, handL, handR) => {
          const one = { ...pose, handL, handR };
          expect(mirroredPose(one)).toMatchObject({ handL: handR, handR: handL });
          expect(mirroredPose(mirroredPose(one))).toEqual(one);
        },
      ),
    );
  });
});
