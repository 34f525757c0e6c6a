import {
  DEFAULT_PACE,
  moveBookOf,
  moveIn,
  parseArrupJson,
  resolveDraws,
  unroll,
  type Adventure,
} from '$core';
import { describe, expect, it } from 'vitest';
import { shownOf, stillOf } from '$lib/stage/shown';
import { StageSession } from '$lib/stage/stage.svelte';
import { lastBegun, planFilm } from './film-plan';

const DEMOS = import.meta.glob('../demo/*.arrup.json', {
  query: '?raw',
  import: 'default',
  eager: true,
}) as Record<string, string>;
const RUNS_ON = { lines: 'run on', holds: 'run on', counts: 'tempo', sums: 'run on' } as const;

const read = (text: string) => (parseArrupJson(text) as { value: Adventure }).value;

/** The session led by the clock without a touch, with the draws of the beats' own seeds. */
function led(adventure: Adventure) {
  let now = 0;
  const { setting } = adventure;
  const draws = resolveDraws(adventure, setting, DEFAULT_PACE);
  const { cues } = unroll(adventure, setting, DEFAULT_PACE, draws);
  const session = new StageSession(adventure, RUNS_ON, {
    clock: { now: () => now },
    speed: 1,
    today: () => '2026-01-01T09:00:00.000Z',
    keep: () => Promise.resolve(),
    newRunId: () => 'run_1',
    seed: 1,
    replan: () => ({ context: { adventure, setting, pace: DEFAULT_PACE }, draws, cues }),
  });
  session.go();
  const book = moveBookOf(adventure);
  return (seconds: number) => {
    now = seconds;
    session.update();
    const { cue } = session;
    const move = cue?.doing ? moveIn(book, cue.doing.move) : null;
    return shownOf(session, stillOf(session, move, DEFAULT_PACE));
  };
}

describe('the plan of a film', () => {
  it.each(Object.entries(DEMOS))('%s shows what the Stage shows, all the time', (_, text) => {
    const adventure = read(text);
    const film = planFilm(adventure, DEFAULT_PACE);
    const stage = led(adventure);
    expect(film.totalSeconds).toBe(unroll(adventure).totalSeconds);
    const moments = 400;
    for (let n = 0; n < moments; n += 1) {
      const seconds = ((n + 0.37) * film.totalSeconds) / moments;
      const { changes, count, share, elapsed, ...here } = stage(seconds)!;
      const { shown } = film.at(seconds)!;
      // The remote's changes are for whoever leads.
      expect(shown).toMatchObject({ ...here, changes: [] });
      expect(shown.count).toBe(count);
      expect(shown.share).toBeCloseTo(share, 6);
      expect(shown.elapsed === null).toBe(elapsed === null);
      if (elapsed !== null) expect(shown.elapsed).toBeCloseTo(elapsed, 6);
      expect(changes).toBeDefined();
    }
  });

  it('stays at its last picture beyond its end, and has none of an empty script', () => {
    const adventure = read(Object.values(DEMOS)[0]!);
    const film = planFilm(adventure, DEFAULT_PACE);
    const last = film.at(film.totalSeconds + 5)!;
    expect(last.cue.id).toBe(film.cues.at(-1)!.id);
    expect(last.intoSeconds).toBe(last.cue.lengthSeconds);
    const empty = { ...adventure, chapters: [] };
    expect(planFilm(empty, DEFAULT_PACE).at(0)).toBeNull();
  });

  it('has its captions in order and its chapters end to end', () => {
    const film = planFilm(read(Object.values(DEMOS)[0]!), DEFAULT_PACE);
    expect(film.captions.length).toBeGreaterThan(10);
    const starts = film.captions.map(({ startSeconds }) => startSeconds);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
    expect(film.chapters[0]!.startSeconds).toBe(0);
    film.chapters.forEach(({ endSeconds }, n) => {
      expect(endSeconds).toBe(film.chapters[n + 1]?.startSeconds ?? film.totalSeconds);
    });
  });

  it('finds the last that has begun', () => {
    const rows = [0, 2, 2, 5].map((startSeconds) => ({ startSeconds }));
    expect([-1, 0, 1.9, 2, 4.9, 5, 99].map((at) => lastBegun(rows, at))).toEqual([
      -1, 0, 0, 2, 2, 3, 3,
    ]);
    expect(lastBegun([], 3)).toBe(-1);
  });
});
