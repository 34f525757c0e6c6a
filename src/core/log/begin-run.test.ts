import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { parseDocument } from '../model/document-kind';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { without } from '../testing/without';
import { beginRun } from './begin-run';
import { RUN } from './run';

const adventure = {
  ...withBeats(
    { kind: 'tell', id: 'bt_say', text: 'The ferry is late again.' },
    { ...moveBeat([doseOf('squat', 5)]), id: 'bt_move' },
  ),
  title: 'The late letter',
};
const given = {
  id: 'run_1',
  startedAt: '2027-03-02T09:30:00.000Z',
  savedAt: '2027-03-02T09:45:00.000Z',
  speed: 1,
};
const { cues } = unroll(adventure);
const begun = (pace = DEFAULT_PACE) => beginRun(adventure, cues, pace, given);

describe('beginRun', () => {
  it('says what was planned before anything has happened', () => {
    const run = begun();
    expect(run).toMatchObject({
      ...given,
      title: 'The late letter',
      note: '',
      version: RUN.version,
    });
    expect(run.plan.map(({ id }) => id)).toEqual(cues.map(({ id }) => id));
    expect(run.plan.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0)).toBeCloseTo(
      cues.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0),
    );
    expect(Object.keys(run.labels)).toEqual(['bt_say', 'bt_move']);
    expect(run.labels['bt_move']).toMatch(/squat/u);
    expect(run.ages).toEqual({ from: 5, to: 5 });
    expect(run.expected!.lowSeconds).toBeLessThan(run.expected!.highSeconds);
  });
  it('says how long showing was planned only where that isn’t the usual', () => {
    expect(begun()).not.toHaveProperty('showTimes');
    expect(begun({ ...DEFAULT_PACE, showTimes: 1.4 }).showTimes).toBe(1.4);
  });
});

describe('a run that is kept', () => {
  const whole = {
    ...begun(),
    leading: {
      lines: 'run on',
      done: true,
      index: 0,
      scheduleSeconds: 10,
      elapsedSeconds: 12,
      enteredSeconds: 0,
      visits: [{ cueId: cues[0]!.id, startSeconds: 0, lengthSeconds: 3, cutShort: false }],
    },
  };
  it('is read back as it is, and from before there were numbers', () => {
    const read = parseDocument(RUN, whole);
    expect(read).toMatchObject({ ok: true });
    expect(parseDocument(RUN, without(whole, 'version'))).toEqual(read);
  });
  it('of before showing was told has none', () => {
    const old = { ...whole, version: 3, review: { pace: { words: 1 } } };
    const read = RUN.migrations.find(({ from }) => from === 3)!.migrate(old);
    expect(read).toMatchObject({ review: { pace: { showTimes: null, words: 1 } } });
    const bare = RUN.migrations.find(({ from }) => from === 3)!.migrate({ ...whole, version: 3 });
    expect(bare).not.toHaveProperty('review');
  });
  it('of what nobody could have led is refused', () => {
    for (const wrong of [{ points: -1 }, { showTimes: 99 }, { teamPoints: [1] }, { more: 1 }])
      expect(parseDocument(RUN, { ...whole, ...wrong })).toMatchObject({ ok: false });
  });
});
