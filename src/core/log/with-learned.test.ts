import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE, TALK_RANGE } from '../cues/pace';
import { TIMINGS } from '../cues/timing';
import { withLearned } from './with-learned';

const learned = (key: string, times: number, sessions = 1, varies = 0.1) => ({
  key,
  times,
  sessions,
  varies,
});

describe('a pace with what was learned in it', () => {
  it('has times of the usual for each thing', () => {
    const now = withLearned(
      DEFAULT_PACE,
      [
        'changeSeconds',
        'throwSeconds',
        'childThrowSeconds',
        'allReps',
        'showTimes',
        'rep squat',
      ].map((key) => learned(key, 1.5)),
      [],
    );
    expect(now).toMatchObject({
      changeSeconds: TIMINGS.changeOver.usual * 1.5,
      throwSeconds: TIMINGS.presenterThrow.usual * 1.5,
      childThrowSeconds: TIMINGS.childThrow.usual * 1.5,
      allReps: 1.5,
      showTimes: 1.5,
      repTimes: { squat: 1.5 },
    });
  });
  it('talks within what anybody does, in whole words', () => {
    const words = (times: number) =>
      withLearned(DEFAULT_PACE, [learned('wordsPerMinute', times)], []).wordsPerMinute;
    expect(words(1)).toBe(Math.round(TIMINGS.wordsPerMinute.usual));
    expect(words(0.1)).toBe(TALK_RANGE.least);
    expect(words(9)).toBe(TALK_RANGE.most);
  });
  it('leaves what the presenter set by hand', () => {
    const set = {
      ...DEFAULT_PACE,
      wordsPerMinute: 130,
      changeSeconds: 4,
      throwSeconds: 5,
      childThrowSeconds: 6,
      repTimes: { squat: 2 },
    };
    const keys = [
      'wordsPerMinute',
      'changeSeconds',
      'throwSeconds',
      'childThrowSeconds',
      'rep squat',
    ];
    expect(
      withLearned(
        set,
        keys.map((key) => learned(key, 1.5)),
        [],
      ),
    ).toEqual(set);
  });
  it('leaves out what was set aside, and what it doesn’t know', () => {
    const given = [learned('allReps', 2), learned('rep hop', 2), learned('something else', 2)];
    expect(withLearned(DEFAULT_PACE, given, ['allReps', 'rep hop'])).toEqual(DEFAULT_PACE);
  });
  it('tells how much somebody varies from three sessions on', () => {
    const varies = (sessions: number) =>
      withLearned(
        DEFAULT_PACE,
        [
          learned('wordsPerMinute', 1, sessions, 0.2),
          learned('rep squat', 1, sessions, 0.1),
          learned('rep hop', 1, sessions, 0.3),
        ],
        [],
      );
    expect(varies(2)).toMatchObject({ talkVaries: null, repsVary: null });
    expect(varies(3).talkVaries).toBe(0.2);
    expect(varies(3).repsVary).toBeCloseTo(0.2);
  });
});
