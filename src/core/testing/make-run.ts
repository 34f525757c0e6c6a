/** Small logs for tests. */
import type { Run } from '../log/run';

/** A session with these visits: of a cue, so many seconds, cut short or not. */
export const runOf = (given: Partial<Run>, visits: readonly [string, number, boolean?][]): Run => ({
  version: 4,
  id: 'run_1',
  adventureId: 'adv_1',
  title: 'The late letter',
  startedAt: '2026-03-02T09:00:00.000Z',
  savedAt: '2026-03-02T09:10:00.000Z',
  slotSeconds: 600,
  speed: 1,
  plan: [],
  labels: {},
  chapters: [],
  note: '',
  ages: { from: 5, to: 5 },
  ...given,
  leading: {
    lines: 'wait for me',
    done: true,
    index: 0,
    scheduleSeconds: 0,
    elapsedSeconds: 0,
    enteredSeconds: 0,
    ...given.leading,
    visits: visits.map(([cueId, lengthSeconds, cutShort = false]) => ({
      cueId,
      startSeconds: 0,
      lengthSeconds,
      cutShort,
    })),
  },
});
