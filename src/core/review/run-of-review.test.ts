import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { parseDocument } from '../model/document-kind';
import { RUN } from '../log/run';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { runOfReview, scriptChecksum } from './run-of-review';
import type { Review } from './review';

const adventure = { ...withBeats(moveBeat([doseOf('squat', 5)])), title: 'The ferry' };
const schedule = unroll(adventure);
const review: Review = {
  beats: [],
  counts: [],
  pace: { wordsPerMinute: 150 } as never,
  shares: {} as never,
  moments: [],
  visits: [{ cueId: schedule.cues[0]!.id, startSeconds: 2, lengthSeconds: 5 }],
  stretches: [],
  endSeconds: 90,
};
const source = {
  id: 'run_1',
  startedAt: '2027-03-02T09:30:00.000Z',
  savedAt: '2027-03-02T11:00:00.000Z',
  recording: 'a'.repeat(400),
  plannedPace: DEFAULT_PACE,
  lines: [],
  voices: null,
  pins: {},
  seed: null,
  typed: undefined,
  drawsKnown: true,
};

describe('a recording that was reviewed', () => {
  const run = runOfReview(adventure, schedule, review, source);
  it('is a run that is over, with the times of the recording', () => {
    expect(run.leading).toMatchObject({
      done: true,
      elapsedSeconds: 90,
      scheduleSeconds: schedule.totalSeconds,
      index: schedule.cues.length - 1,
    });
    expect(run.leading.visits).toEqual([{ ...review.visits[0]!, cutShort: false }]);
    expect(run.review).toMatchObject({ seconds: 90, drawsKnown: true });
    expect(run.review!.recording).toHaveLength(300);
    expect(run).not.toHaveProperty('seed');
    expect(run).not.toHaveProperty('typed');
  });
  it('has its draws, where they are known', () => {
    const drawn = runOfReview(adventure, schedule, review, { ...source, seed: 7, typed: {} });
    expect(drawn).toMatchObject({ seed: 7, typed: {} });
  });
  it('is as a run is, but for what a review of nothing leaves out', () => {
    const read = parseDocument(RUN, run);
    const paths = read.ok ? [] : read.problems.map(({ path }) => path[0]);
    expect(new Set(paths)).toEqual(new Set(paths.length > 0 ? ['review'] : []));
  });
});

describe('the script that it was laid along', () => {
  it('is told from another by what is led, and not by its title', () => {
    const same = { ...adventure, title: 'Another title', setAside: [] };
    expect(scriptChecksum(same)).toBe(scriptChecksum(adventure));
    const setting = { ...adventure.setting, slotSeconds: 99 };
    expect(scriptChecksum({ ...adventure, setting })).not.toBe(scriptChecksum(adventure));
    expect(scriptChecksum({ ...adventure, chapters: [] })).not.toBe(scriptChecksum(adventure));
  });
});
