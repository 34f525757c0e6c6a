import { DEFAULT_PACE, parseDocument, RUN, unroll, type Run } from '$core';
import { describe, expect, it } from 'vitest';
import { doseOf, moveBeat, withBeats } from '../../core/testing/make';
import { COUNT_SECONDS, FilmSession } from './film.svelte';

const script = withBeats(
  { kind: 'tell', id: 'bt_hello', text: 'Good morning, ducklings, the marsh is awake.' },
  moveBeat([doseOf('squat', 5)], { id: 'bt_move' }),
);

const way = {
  context: { adventure: script, setting: script.setting, pace: DEFAULT_PACE },
  draws: new Map(),
  cues: unroll(script).cues,
};

function film() {
  let time = 100;
  const kept: Run[] = [];
  const session = new FilmSession(
    {
      adventure: script,
      schedule: unroll(script),
      seed: 1,
      way,
    },
    {
      now: () => time,
      today: () => new Date(Date.UTC(2026, 10, 26, 9) + (time - 100) * 1000).toISOString(),
      keep: async (run) => void kept.push(run),
      newRunId: () => 'run_film',
    },
  );
  const pass = (seconds: number) => {
    time += seconds;
    session.update();
  };
  return { session, kept, pass };
}

describe('filming', () => {
  it('counts in, runs with the clock, and ends by hand', async () => {
    const { session, kept, pass } = film();
    session.press();
    expect(session.count).toBe(3);
    pass(2.5);
    expect(session.count).toBe(1);
    pass(COUNT_SECONDS - 2.5 + 4);
    expect(session.count).toBeNull();
    expect(session.into).toBeCloseTo(4, 9);
    session.press();
    expect(session.takes).toMatchObject([{ beatId: 'bt_hello', mark: null }]);
    expect(session.takes[0]!.lengthSeconds).toBeCloseTo(4, 9);
    expect(session.takes[0]!.startedAt).toBe('2026-11-26T09:00:03.000Z');
    await session.settled();
    expect(parseDocument(RUN, kept.at(-1)).ok).toBe(true);
  });

  it('a good take leads on, another is made at the same beat; one not begun never was', async () => {
    const { session, kept, pass } = film();
    session.press();
    session.press();
    expect(session.takes).toEqual([]);
    for (const mark of ['again', 'good'] as const) {
      session.press();
      pass(COUNT_SECONDS + 5);
      session.press();
      session.mark(mark);
    }
    expect(session.beat!.beatId).toBe('bt_move');
    expect(session.takes.map(({ mark }) => mark)).toEqual(['again', 'good']);
    session.press();
    session.go(-1);
    expect(session.beat!.beatId).toBe('bt_move');
    await session.settled();
    const { leading } = kept.at(-1)!;
    expect(leading.done).toBe(true);
    expect(leading.visits.every(({ cueId }) => cueId.startsWith('bt_hello'))).toBe(true);
  });
});
