import { describe, expect, it } from 'vitest';
import { check } from '../findings/check';
import { adaptToAges } from '../fit/adapt-to-ages';
import type { Move } from '../model/move';
import { DEFAULT_SETTING } from '../model/setting';
import { DEFAULT_PACE, secondsPerRep } from '../cues/pace';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { doseForAges, formFor, formForAge, formed, inForm, isInRing, nextForm } from './forms';
import { BUILT_IN, moveBookOf } from './move-book';

const own = (id: string, change: Partial<Move>): Move => ({
  ...BUILT_IN.get('squat')!,
  id,
  name: id,
  ...change,
});

describe('a form for an age', () => {
  it('is the move itself, or the first easier one that is young enough', () => {
    const hard = own('own-hard', { fromAge: 7, easier: 'own-middle' });
    const middle = own('own-middle', { fromAge: 6, easier: 'squat' });
    const book = moveBookOf({ moves: [hard, middle] });
    expect([3, 6, 7].map((age) => formFor(hard, age, book, DEFAULT_SETTING)?.id)).toEqual([
      'squat',
      'own-middle',
      'own-hard',
    ]);
  });

  it('is none in a ring, nor behind a form that is not there; nothing goes round for ever', () => {
    const one = own('own-one', { fromAge: 6, easier: 'own-two' });
    const two = own('own-two', { fromAge: 7, easier: 'own-one' });
    const lost = own('own-lost', { fromAge: 7, easier: 'own-nowhere' });
    const book = moveBookOf({ moves: [one, two, lost] });
    expect([one, two, lost].map((move) => formFor(move, 4, book, DEFAULT_SETTING))).toEqual([
      null,
      null,
      null,
    ]);
    expect(formForAge(one, 4, book, DEFAULT_SETTING)).toBe(one);
    const adventure = { ...withBeats(moveBeat([doseOf('own-one', 5)])), moves: [one, two] };
    const young = adaptToAges(adventure, { from: 3, to: 4 });
    const found = check(young, young.setting, unroll(young));
    const age = found.find(({ rule }) => rule === 'before-age');
    expect(age).toMatchObject({ params: { easier: '' }, fix: null });
  });

  it('is in a ring where its easier forms, or its harder ones, lead back to it', () => {
    const moves = [
      own('own-one', { easier: 'own-two', harder: 'squat-jump' }),
      own('own-two', { easier: 'own-three' }),
      own('own-three', { easier: 'own-one' }),
      own('own-beside', { easier: 'own-one' }),
    ];
    const book = moveBookOf({ moves });
    expect(moves.map((move) => isInRing(move, 'easier', book))).toEqual([true, true, true, false]);
    expect(isInRing(moves[0]!, 'harder', book)).toBe(false);
    for (const move of BUILT_IN.values()) {
      expect([isInRing(move, 'easier', BUILT_IN), isInRing(move, 'harder', BUILT_IN)]).toEqual([
        false,
        false,
      ]);
    }
  });

  it('is one with what is at hand: a scarf instead of a bean bag only where there is a scarf', () => {
    const caught = BUILT_IN.get('bean-bag-catch')!;
    const hall = (...kit: string[]) => ({ ...DEFAULT_SETTING, kit });
    expect(formFor(caught, 3, BUILT_IN, hall('bean bags', '12 scarfs'))?.id).toBe('scarf-toss');
    expect(formFor(caught, 3, BUILT_IN, hall('bean bags'))).toBeNull();
    // What the move lacks already is no reason against its form.
    const pushed = BUILT_IN.get('knee-press-up')!;
    const noWall = { ...hall(), room: { ...DEFAULT_SETTING.room, wallFree: false } };
    expect(nextForm(pushed, 'easier', BUILT_IN, hall())?.id).toBe('wall-push');
    expect(nextForm(pushed, 'easier', BUILT_IN, noWall)).toBeNull();
  });
});

it('a move called like what every object has goes at its own tempo', () => {
  const move = own('constructor', {});
  expect(secondsPerRep(move, { from: 5, to: 5 }, DEFAULT_PACE)).toBe(move.secondsPerRep['5']);
});

describe('how much of another form', () => {
  const range = (least: number, most: number) => ({
    '3-4': [least, most] as const,
    '5': [least, most] as const,
    '6-7': [2 * least, 2 * most] as const,
  });
  const usual = BUILT_IN.get('squat')!.usual;
  const reps = own('own-reps', { usual: { ...usual, unit: 'reps', range: range(4, 12) } });
  const few = own('own-few', { usual: { ...usual, unit: 'reps', range: range(2, 6) } });
  const held = own('own-held', { usual: { ...usual, unit: 'hold', range: range(5, 10) } });
  const one = own('own-one-way', { usual: { ...usual, unit: 'reps', range: range(5, 5) } });
  const leg = own('own-leg', {
    sided: true,
    usual: { ...usual, unit: 'reps', range: range(2, 6) },
  });
  const book = moveBookOf({ moves: [reps, few, held, one, leg] });
  const fives = { from: 5, to: 5 };
  const amountsIn = (move: Move, form: Move, ...amounts: number[]) =>
    inForm(doseOf(move.id, 0, { amounts }), form, fives, book).dose.amounts;

  it('is where it stood between least and most, never beyond the other’s ends', () => {
    expect(amountsIn(reps, few, 4, 8, 12)).toEqual([2, 4, 6]);
    expect(amountsIn(reps, few, 1, 20)).toEqual([2, 6]);
    expect(amountsIn(one, few, 5)).toEqual([4]);
  });

  it('in another unit goes along where it was in the usual one, and is the middle else', () => {
    const inHold = inForm(doseOf('own-reps', 8), held, fives, book);
    expect(inHold).toMatchObject({ move: 'own-held', dose: { unit: 'hold', amounts: [8] } });
    const timed = doseOf('own-reps', 30, { unit: 'seconds', amounts: [30, 40] });
    expect(inForm(timed, few, fives, book).dose).toMatchObject({ unit: 'reps', amounts: [4, 4] });
  });

  it('has sides where the form has sides, and none where it has none', () => {
    expect(inForm(doseOf('own-reps', 8), leg, fives, book).dose.sides).toBe('each');
    const left = doseOf('own-leg', 4, { sides: 'left' });
    expect(inForm(left, few, fives, book).dose.sides).toBe('any');
    expect(inForm(left, leg, fives, book)).toBe(left);
  });

  it('for other ages is where it stood in theirs; in another unit it stays', () => {
    const older = { from: 6, to: 7 };
    const amounts = (action: ReturnType<typeof doseOf>) =>
      doseForAges(action, fives, older, book).dose.amounts;
    expect(amounts(doseOf('own-reps', 8))).toEqual([16]);
    expect(amounts(doseOf('own-reps', 20))).toEqual([24]);
    const timed = doseOf('own-reps', 30, { unit: 'seconds' });
    expect(doseForAges(timed, fives, older, book)).toBe(timed);
  });

  it('a station has no dose to take along', () => {
    const station = { id: 'st_1', move: 'own-reps', also: [], guise: doseOf('squat', 1).guise };
    expect(formed(station, few, fives, book)).toEqual({ ...station, move: 'own-few' });
    expect(formed(doseOf('own-reps', 12), few, fives, book)).toMatchObject({
      move: 'own-few',
      dose: { amounts: [6] },
    });
  });
});
