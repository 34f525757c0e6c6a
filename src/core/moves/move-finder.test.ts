import { describe, expect, it } from 'vitest';
import { BUILT_IN } from './move-book';
import { findMove, findMoves, makeMoveFinder, suggestMoves } from './move-finder';

const finder = makeMoveFinder(BUILT_IN);
const found = (line: string) => {
  const one = findMove(finder, line.split(' '));
  return one && [one.move.id, one.from, one.to];
};

describe('a move in a row of words', () => {
  it('is the longest name there, and the first of equally long ones', () => {
    expect(found('do frog jump now')).toEqual(['frog-jump', 1, 3]);
    expect(found('jump like a star jump')).toEqual(
      ['star-jump', 3, 5].with(0, found('star jump')![0]!),
    );
    expect(found('hop squat')).toEqual(['hop', 0, 1]);
    expect(found('nothing here')).toBeNull();
    expect(findMove(finder, [])).toBeNull();
  });
  it('is found in one word, too, where that is no other name', () => {
    expect(found('frogjump')).toEqual(['frog-jump', 0, 1]);
  });
  it('commas within a name are none of it; at its ends they are', () => {
    expect(found('frog , jump')![0]).toBe('frog-jump');
    expect(found(', hop ,')).toEqual(['hop', 1, 2]);
  });
});

describe('moves done at the same time', () => {
  const together = (line: string) => {
    const many = findMoves(finder, line.split(' '));
    return many && [many.also, many.from, many.to];
  };
  it('are joined by "and" or "while", three at most', () => {
    expect(together('march and clap')).toEqual([['clap'], 0, 3]);
    expect(together('now march while clap please')).toEqual([['clap'], 1, 4]);
    expect(together('march and clap and hop and squat')![0]).toHaveLength(2);
    expect(together('march clap')![0]).toEqual([]);
    expect(together('march and then')).toEqual([[], 0, 1]);
    expect(together('nothing')).toBeNull();
  });
});

describe('moves that are suggested', () => {
  it('have a word that begins with each word asked for, best first', () => {
    const names = suggestMoves(BUILT_IN, 'frog', 5).map(({ name }) => name);
    expect(names[0]).toMatch(/^frog/u);
    const two = suggestMoves(BUILT_IN, 'frog jum', 5);
    expect(two[0]!.id).toBe('frog-jump');
    expect(suggestMoves(BUILT_IN, 'zzz', 5)).toEqual([]);
  });
  it('are as many as asked for; of no question the first ones', () => {
    expect(suggestMoves(BUILT_IN, '', 3)).toEqual([...BUILT_IN.values()].slice(0, 3));
    expect(suggestMoves(BUILT_IN, 'a', 2)).toHaveLength(2);
  });
});
