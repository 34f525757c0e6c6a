import { describe, expect, it } from 'vitest';
import { plainDose } from '../model/dose';
import { countingIds, doseOf } from '../testing/make';
import { BUILT_IN, calledIn, moveBookOf, moveIn, moveOf } from './move-book';
import { newOwnMove } from './new-own-move';
import { dosesFor, nearestDose, shareCost } from './other-doses';
import { isTypedId, isUnknown, nearestMoves, unknownMove } from './unknown-move';
import { doseForMove, usualDose } from './usual-dose';

const squat = moveIn(BUILT_IN, 'squat');
const plank = moveIn(BUILT_IN, 'plank');
const FIVES = { from: 5, to: 5 } as never;

describe('a book of moves', () => {
  const own = { ...newOwnMove(countingIds()), name: 'reed sway' };
  it('is the catalogue, and the adventure’s own; none of them takes the place of one', () => {
    expect(moveBookOf({ moves: [] })).toBe(BUILT_IN);
    const book = moveBookOf({ moves: [own, { ...squat, name: 'another squat' }] });
    expect(book.size).toBe(BUILT_IN.size + 1);
    expect(moveIn(book, own.id).name).toBe('reed sway');
    expect(moveIn(book, 'squat')).toBe(squat);
    expect(() => moveIn(BUILT_IN, 'nothing')).toThrow('no move "nothing"');
  });
  it('has moves done at the same time as one, made once', () => {
    const done = { move: 'march', also: ['clap'] };
    const both = moveOf(BUILT_IN, done);
    expect(both.name).toMatch(/march.*clap/u);
    expect(moveOf(BUILT_IN, { ...done })).toBe(both);
    expect(moveOf(BUILT_IN, { move: 'squat', also: [] })).toBe(squat);
    expect(() => moveOf(BUILT_IN, { move: 'march', also: ['nothing'] })).toThrow(RangeError);
  });
  it('calls a part by its name in the story, else by the move’s', () => {
    const { guise } = doseOf('squat', 1);
    expect(calledIn(BUILT_IN, { guise, move: 'squat', also: [] })).toBe('squat');
    const told = { ...guise, name: 'kettle dips' };
    expect(calledIn(BUILT_IN, { guise: told, move: 'squat', also: [] })).toBe('kettle dips');
  });
});

describe('a move of one’s own', () => {
  it('is a plain one, or a copy that is drawn like the one it’s from', () => {
    const id = countingIds();
    expect(newOwnMove(id)).toMatchObject({ figure: null, fromAge: 3, origin: 'our judgement' });
    const copy = newOwnMove(id, squat);
    expect(copy).toMatchObject({ name: 'my squat', figure: { kind: 'like', move: 'squat' } });
    expect(copy.id).not.toContain('_');
    const figure = { kind: 'icon', icon: 'bird' } as never;
    expect(newOwnMove(id, { ...squat, figure }).figure).toBe(figure);
  });
  it('that nobody knows goes by what was typed, until somebody says what it is', () => {
    const typed = unknownMove('Wobbly Zög 9!');
    expect(typed.id).toBe('own-typed-wobbly-zo-g-9');
    expect([isTypedId(typed.id), isTypedId('squat')]).toEqual([true, false]);
    expect(isUnknown(typed)).toBe(true);
    expect(isUnknown({ ...typed, name: 'Another name' })).toBe(true);
    expect(isUnknown({ ...typed, effort: 4 })).toBe(false);
    expect(isUnknown({ ...typed, id: 'own-1' })).toBe(false);
    expect(unknownMove('…').id).toBe('own-typed-move');
    expect(unknownMove('a'.repeat(200)).id.length).toBeLessThan(80);
  });
  it('may be one of those with a word of its name, the likeliest first, else something plain', () => {
    expect(nearestMoves(BUILT_IN, 'enormous frog', 3)[0]!.name).toMatch(/frog/u);
    expect(nearestMoves(BUILT_IN, 'zzz', 2).map(({ id }) => id)).toEqual(['march', 'squat']);
    expect(nearestMoves(BUILT_IN, 'jump', 4)).toHaveLength(4);
  });
});

describe('doses', () => {
  it('the usual one is the middle of the range for the age', () => {
    const [least, most] = squat.usual.range['5'];
    expect(usualDose(squat, FIVES)).toEqual(
      plainDose(squat.usual.unit, Math.round((least + most) / 2)),
    );
  });
  it('stays for another move that is counted alike; sides only where there are some', () => {
    const dose = { ...plainDose('reps', 7), sides: 'each' as const };
    expect(doseForMove(dose, squat, FIVES)).toEqual({ ...dose, sides: 'any' });
    const sided = [...BUILT_IN.values()].find((one) => one.sided && one.usual.unit === 'reps')!;
    expect(doseForMove(dose, sided, FIVES)).toEqual(dose);
    expect(doseForMove(dose, plank, FIVES)).toEqual(usualDose(plank, FIVES));
  });
  it('that it may have are within the range, with a set fewer or more, up to five', () => {
    const action = doseOf('squat', 6, { amounts: [6, 6] });
    const doses = dosesFor(action, FIVES, BUILT_IN);
    const [least, most] = squat.usual.range['5'];
    expect(new Set(doses.map(({ amounts }) => amounts.length))).toEqual(new Set([1, 2, 3]));
    const amounts = doses.flatMap((dose) => dose.amounts);
    expect([Math.min(...amounts), Math.max(...amounts)]).toEqual([least, most]);
    const five = doseOf('squat', 6, { amounts: [6, 6, 6, 6, 6] });
    expect(Math.max(...dosesFor(five, FIVES, BUILT_IN).map((dose) => dose.amounts.length))).toBe(5);
  });
  it('a ladder keeps its steps, and may lose the last ones', () => {
    const ladder = doseOf('squat', 5, { amounts: [5, 10, 15] });
    expect(dosesFor(ladder, FIVES, BUILT_IN).map(({ amounts }) => amounts)).toEqual([[5], [5, 10]]);
  });
  it('of a unit that isn’t the move’s goes two fifths down and up', () => {
    const timed = doseOf('squat', 10, { unit: 'seconds' });
    const amounts = dosesFor(timed, FIVES, BUILT_IN).flatMap((dose) => dose.amounts);
    expect([Math.min(...amounts), Math.max(...amounts)]).toEqual([6, 14]);
  });
  it('the nearest to a share of it is taken, the dose itself where nothing is nearer', () => {
    const action = doseOf('squat', 8, { amounts: [8] });
    expect(nearestDose(action, 1, FIVES, BUILT_IN)).toBe(action.dose);
    const half = nearestDose(action, 0.5, FIVES, BUILT_IN);
    expect(half.amounts.reduce((sum, one) => sum + one, 0)).toBeLessThan(8);
  });
  it('a change twice as large weighs more than two of half its size', () => {
    expect(shareCost(1)).toBe(0);
    expect(shareCost(0.8)).toBeCloseTo(shareCost(1.2));
    expect(shareCost(1.4)).toBeGreaterThan(2 * shareCost(1.2));
  });
});
