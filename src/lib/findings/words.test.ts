import { RULE_IDS, type Finding } from '$core';
import { describe, expect, it } from 'vitest';
import { FINDING_WORDS, mendAllOf, mendOf, noteOf, yoursOf } from './words';

const PARAMS = {
  over: 1,
  seconds: 75,
  gentle: 12,
  calm: 20,
  minutes: 6,
  above: 1,
  amount: 30,
  least: 4,
  most: 10,
  name: 'ditch leaps',
  age: 5,
  youngest: 4,
  easier: 'squat',
  side: 'left',
  region: 'legs',
  regions: 'arms',
  landings: 80,
  words: 20,
  work: 12,
  word: 'knight',
  letter: 'K',
  why: 'sound',
  cap: 6,
  draws: 8,
  form: 'easier',
  missing: 'space',
  what: 'mat',
  times: 12,
  promised: 100,
  real: 110,
  chunks: '10 + 10',
  tenths: 3,
  code: 'no-outcome',
  usual: 12,
  limit: 10,
  thing: 'letters',
  things: 40,
  there: 24,
  needed: 62,
  here: 12,
  home: 6,
  who: 'fives',
  nearest: 'squat',
  fits: 6,
  children: 16,
  waves: 3,
  longer: 40,
  count: 3,
  throws: 6,
  twice: 2,
  adventure: 31,
  even: 16,
  more: 4,
  left: 10,
  before: 'slow turn',
  told: 3,
  given: 9,
  said: 'boys and girls',
  instead: '“everybody”',
  percent: 28,
  largest: 'talking',
};

describe('findings in words', () => {
  it.each(RULE_IDS)('%s has a note that is a sentence, with nothing left open', (rule) => {
    const note = noteOf({ rule, params: PARAMS });
    expect(note).toMatch(/^[“A-Z0-9].{12,}[.?]$/u);
    expect(note).not.toMatch(/undefined|NaN|\[object/u);
  });

  it.each(RULE_IDS)('%s has a mend, or says what only a person can do', (rule) => {
    const { mend, yours } = FINDING_WORDS[rule];
    if (!mend) expect(yours?.(PARAMS)).toMatch(/^[“A-Z].{10,}\.$/u);
    const found = { rule, params: PARAMS, fix: null } satisfies Partial<Finding>;
    expect(yoursOf(found)).toBe(yours?.(PARAMS) ?? '');
    expect(yoursOf({ ...found, fix: (now) => now })).toBe('');
  });

  it.each(RULE_IDS)('%s says what its mend does, if it can have one', (rule) => {
    const { mend } = FINDING_WORDS[rule];
    if (!mend) return;
    const fix: Finding['fix'] = (adventure) => adventure;
    expect(mendOf({ rule, params: PARAMS, fix })).toMatch(/^[A-Z].{3,30}$/u);
    expect(mendOf({ rule, params: PARAMS, fix: null })).toBeNull();
  });

  it('says how many a step mends at once, and what', () => {
    expect(mendAllOf('dose-for-age', 9)).toBe('Mend all nine amounts');
    expect(mendAllOf('question-no-wait', 14)).toBe('Mend all 14 questions');
  });
});
