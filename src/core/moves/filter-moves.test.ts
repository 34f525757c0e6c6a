import { dictionary } from 'cmu-pronouncing-dictionary';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, POSTURES, REGIONS } from '../model/move';
import { ANY_MOVE, filterMoves, type MoveQuery } from './filter-moves';
import { moveBookOf } from './move-book';

const book = moveBookOf({ moves: [] });
const names = (query: Partial<MoveQuery>) =>
  filterMoves(book, { ...ANY_MOVE, ...query }).map((move) => move.id);

describe('looking for moves', () => {
  it('shows all of them by name when nothing is asked', () => {
    const all = filterMoves(book, ANY_MOVE).map((move) => move.name);
    expect(all).toHaveLength(book.size);
    expect(all).toEqual([...all].sort((a, b) => a.localeCompare(b, 'en')));
  });

  it('finds by any name, the nearest first', () => {
    expect(names({ text: 'frog' })[0]).toBe('frog-jump');
    expect(names({ text: 'bunny' })[0]).toBe('bunny-hop');
    expect(names({ text: 'zzz' })).toEqual([]);
  });

  it('joins everything that is asked', () => {
    const found = names({ family: 'handling', kit: 'ball', age: 3, effort: [1, 2] });
    expect(found).toContain('ball-roll');
    for (const id of found) {
      expect(book.get(id)).toMatchObject({ family: 'handling', fromAge: 3 });
      expect(book.get(id)!.effort).toBeLessThanOrEqual(2);
    }
    expect(names({ kit: 'none' }).every((id) => book.get(id)!.kit.length === 0)).toBe(true);
    const heard = filterMoves(book, { ...ANY_MOVE, sound: 'N' }, dictionary);
    expect(heard.map(({ id }) => id)).toEqual(expect.arrayContaining(['knee-press-up']));
    expect(names({ sound: 'N' })).toEqual([]);
    expect(names({ letter: 'S' }).every((id) => /^s/iu.test(book.get(id)!.name))).toBe(true);
  });

  it('never shows more when more is asked', () => {
    const choice = <T>(values: readonly T[]) => fc.constantFrom(null, ...values);
    const query = fc.record({
      age: choice([3, 4, 5, 6, 7]),
      family: choice(FAMILIES),
      region: choice(REGIONS),
      posture: choice(POSTURES),
      quiet: choice([true, false]),
    });
    fc.assert(
      fc.property(query, (asked) => {
        const found = new Set(names(asked));
        for (const key of Object.keys(asked)) {
          const wider = new Set(names({ ...asked, [key]: null }));
          for (const id of found) expect(wider.has(id)).toBe(true);
        }
      }),
    );
  });
});
