import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../moves/catalogue';
import { DEFAULT_PACE, paceAs, paceSchema, secondsPerRep, TALK_RANGE } from './pace';
import { TIMINGS } from './timing';

const squat = CATALOGUE.find(({ id }) => id === 'squat')!;
const AGES = { from: 4, to: 5 } as never;

describe('secondsPerRep', () => {
  const usual = secondsPerRep(squat, AGES, DEFAULT_PACE);
  it('is the age band’s, as long as nothing was learned', () => {
    expect(Object.values(squat.secondsPerRep)).toContain(usual);
  });
  it('what was learned of the move goes before what was learned of all', () => {
    const pace = { ...DEFAULT_PACE, allReps: 1.5 };
    expect(secondsPerRep(squat, AGES, pace)).toBeCloseTo(usual * 1.5);
    expect(secondsPerRep(squat, AGES, { ...pace, repTimes: { squat: 2 } })).toBeCloseTo(usual * 2);
    expect(secondsPerRep(squat, AGES, { ...pace, repTimes: { hop: 2 } })).toBeCloseTo(usual * 1.5);
  });
  it('what the presenter set goes before everything', () => {
    const pace = {
      ...DEFAULT_PACE,
      secondsPerRep: { squat: 7 },
      repTimes: { squat: 2 },
      allReps: 3,
    };
    expect(secondsPerRep(squat, AGES, pace)).toBe(7);
  });
});

describe('the pace of others', () => {
  it('is the usual one, or slower or brisker in everything', () => {
    const [slower, brisk] = [paceAs('slower'), paceAs('brisk')];
    expect(paceAs('usual')).toEqual(DEFAULT_PACE);
    expect(slower.wordsPerMinute).toBe(TIMINGS.wordsPerMinute.least);
    expect(brisk.wordsPerMinute).toBe(TIMINGS.wordsPerMinute.most);
    expect([slower.changeSeconds, slower.throwSeconds, slower.childThrowSeconds]).toEqual([
      TIMINGS.changeOver.most,
      TIMINGS.presenterThrow.most,
      TIMINGS.childThrow.most,
    ]);
    expect(brisk.changeSeconds).toBe(TIMINGS.changeOver.least);
    expect(slower.allReps).toBeGreaterThan(1);
    expect(brisk.allReps).toBeLessThan(1);
  });
});

it('an empty pace is the usual one; what nobody can do is refused', () => {
  expect(paceSchema.parse({})).toEqual(DEFAULT_PACE);
  for (const wordsPerMinute of [TALK_RANGE.least, TALK_RANGE.most])
    expect(paceSchema.safeParse({ wordsPerMinute }).success).toBe(true);
  for (const wordsPerMinute of [TALK_RANGE.least - 1, TALK_RANGE.most + 1])
    expect(paceSchema.safeParse({ wordsPerMinute }).success).toBe(false);
});
