import { describe, expect, it } from 'vitest';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import {
  restoreLeading,
  savedLeadingSchema,
  saveLeading,
  type SavedLeading,
} from './saved-leading';

const { cues } = unroll(
  withBeats(moveBeat([doseOf('squat', 5)]), moveBeat([doseOf('plank', 10, { unit: 'hold' })])),
);
const saved: SavedLeading = {
  lines: 'run on',
  done: false,
  index: 2,
  scheduleSeconds: cues[2]!.startSeconds + 1,
  elapsedSeconds: 20,
  enteredSeconds: 15,
  visits: [{ cueId: cues[0]!.id, startSeconds: 0, lengthSeconds: 3, cutShort: false }],
};

describe('a session that is gone on with', () => {
  it('is paused where it was, and the time that nobody was there is counted', () => {
    const leading = restoreLeading(cues, saved, 30, 1000);
    expect(leading).toMatchObject({ status: 'paused', index: 2, visits: saved.visits });
    expect(leading.anchor).toEqual({ clock: 1000, schedule: saved.scheduleSeconds });
    expect(leading.begunAt).toBe(1000 - 20 - 30);
    expect(leading.enteredAt).toBe(leading.begunAt + 15);
  });
  it('a clock that went back is no time at all', () => {
    expect(restoreLeading(cues, saved, -30, 1000).begunAt).toBe(980);
  });
  it('of a script that has become shorter takes the nearest place', () => {
    const short = cues.slice(0, 2);
    const leading = restoreLeading(short, { ...saved, index: 99, scheduleSeconds: 9999 }, 0, 0);
    expect(leading.index).toBe(1);
    expect(leading.anchor!.schedule).toBe(short[1]!.startSeconds + short[1]!.lengthSeconds);
    expect(restoreLeading([], saved, 0, 0)).toMatchObject({ status: 'done', visits: saved.visits });
  });
  it('that was over stays over', () => {
    expect(restoreLeading(cues, { ...saved, done: true }, 0, 0).status).toBe('done');
  });
  it('is kept again as it was', () => {
    const again = saveLeading(restoreLeading(cues, saved, 0, 1000), 1000);
    expect(again).toMatchObject(saved);
    expect(savedLeadingSchema.safeParse(again).success).toBe(true);
    expect(savedLeadingSchema.safeParse({ ...again, index: -1 }).success).toBe(false);
  });
});
