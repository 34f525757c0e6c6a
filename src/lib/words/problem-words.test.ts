import { PROBLEM_CODES, problem } from '$core';
import { describe, expect, it } from 'vitest';
import { placeInWords, problemInWords } from './problem-words';

describe('problems in words', () => {
  it.each(PROBLEM_CODES)('%s has words that are a sentence', (code) => {
    expect(problemInWords(problem(code))).toMatch(/^[A-Z].{10,}\.$/u);
  });

  it('says the place as a presenter counts: from 1, in chapters, beats and moves', () => {
    const path = ['chapters', 1, 'beats', 2, 'actions', 0, 'dose', 'amounts', 1];
    expect(placeInWords(path)).toBe('chapter 2, beat 3, move 1, dose, set 2');
    expect(problemInWords(problem('missing', ['title']))).toBe(
      'In title: Something is missing here.',
    );
  });
});
