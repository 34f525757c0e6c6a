import { describe, expect, it } from 'vitest';
import { NO_GUISE } from '../model/action';
import { CATALOGUE } from '../moves/catalogue';
import { moveBookOf, moveIn } from '../moves/move-book';
import { doseOf } from '../testing/make';
import { creaturesGoing } from './creatures-going';
import { sayingsFor } from './sayings';

const book = moveBookOf({ moves: [] });
const world = { words: ['lantern', 'fog', 'Old Marrow', 'post boat', 'reeds'] };
const said = (move: string, guise: object, dose = doseOf(move, 10).dose) =>
  sayingsFor({ guise: { ...NO_GUISE, ...guise }, dose }, moveIn(book, move), world).map(
    ({ text }) => text,
  );

describe('what may be said meanwhile', () => {
  it('is the sound of what it is in the story, before that of the move’s own pictures', () => {
    expect(said('march', { name: 'The clock walk' })[0]).toBe('Tick, tock, tick, tock!');
    expect(said('hop', { picture: 'frogs' })[0]).toBe('Ribbit, ribbit!');
  });

  it('counts in the story’s things, those that it is about first; no fog, no names', () => {
    const counts = said('squat', { name: 'Push the post boat' }).filter((one) =>
      one.startsWith('Ten '),
    );
    expect(counts).toEqual(['Ten post boats!', 'Ten lanterns!']);
    expect(said('squat', {}).join()).not.toMatch(/fog|Marrow/iu);
  });

  it('counts nothing that is held or timed, nor one, nor more than is counted aloud', () => {
    const { dose } = doseOf('squat', 10);
    for (const other of [
      { ...dose, unit: 'seconds' as const },
      { ...dose, amounts: [1] },
      { ...dose, amounts: [30] },
    ])
      expect(said('squat', {}, other).filter((one) => /lantern/u.test(one))).toEqual([]);
  });

  it('does not repeat what is said already', () => {
    expect(said('squat', { meanwhile: 'Ten LANTERNS! Come on.' })).not.toContain('Ten lanterns!');
  });

  it('is short, for every move', () => {
    for (const move of CATALOGUE) {
      for (const text of said(move.id, {})) {
        expect(text).toMatch(/^\p{Lu}.*!$/u);
        expect(text.length).toBeLessThan(40);
      }
    }
  });
});

describe('creatures that go as a move does', () => {
  it('are those whose way it is, the story’s own first', () => {
    expect(creaturesGoing({ id: 'bear-walk' }, [], 30)).toContain('bear');
    expect(creaturesGoing({ id: 'bear-walk' }, ['wolf', 'fog'])[0]).toBe('wolf');
    expect(creaturesGoing({ id: 'bear-walk' }, []).length).toBe(2);
    expect(creaturesGoing({ id: 'no-such-move' }, ['wolf'])).toEqual([]);
  });
});
