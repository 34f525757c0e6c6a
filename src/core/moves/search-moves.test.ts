import { describe, expect, it } from 'vitest';
import { BUILT_IN } from './move-book';
import { searchMoves } from './search-moves';
import type { Move } from '../model/move';

const found = (query: string) => searchMoves(BUILT_IN, query);

describe('moves are found', () => {
  it('by name first, by the beginning of a word, and with a slip', () => {
    expect(found('frog jump')[0]!.id).toBe('frog-jump');
    expect(found('frog')[0]!.id).toBe('frog-jump');
    expect(found('galop').map(({ id }) => id)).toContain('gallop');
    expect(found('sqats').map(({ id }) => id)).toContain('squat');
  });

  it.each<[string, (move: Move) => boolean]>([
    ['wheelchair', ({ seated, posture }) => seated !== null || posture === 'sitting'],
    ['quiet', ({ quiet }) => quiet],
    ['no space', ({ space }) => space === 'spot'],
    ['balance', ({ family }) => family === 'balancing'],
    ['cool down', ({ family }) => family === 'stretch' || family === 'breath'],
    ['warm up', ({ effort, landingsPerRep }) => effort <= 3 && landingsPerRep === 0],
    ['energetic', ({ effort }) => effort >= 4],
    ['on a mat', ({ surface }) => surface === 'mat'],
    ['age 3', ({ fromAge }) => fromAge === 3],
  ])('by what a teacher calls it: “%s”', (query, fits) => {
    const moves = found(query);
    expect(moves.length).toBeGreaterThan(3);
    // Names come first, and one may say it by its name alone: most of what is found is meant.
    expect(moves.filter(fits).length / moves.length).toBeGreaterThan(0.85);
  });

  it.each(['yoga', 'animal', 'dance', 'ball', 'legs', 'kneeling'])('by “%s”', (query) => {
    expect(found(query).length).toBeGreaterThan(3);
  });

  it('all of them for no words, none for what no move has', () => {
    expect(found('  ')).toHaveLength(BUILT_IN.size);
    expect(found('xylophone quartz')).toEqual([]);
  });

  it('by all words that were typed', () => {
    const quietBalances = found('quiet balance');
    expect(quietBalances.length).toBeGreaterThan(0);
    expect(quietBalances.length).toBeLessThan(found('balance').length + 1);
    for (const { quiet } of quietBalances) expect(quiet).toBe(true);
  });
});
