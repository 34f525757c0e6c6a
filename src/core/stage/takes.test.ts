import { describe, expect, it } from 'vitest';
import { moveBookOf } from '../moves/move-book';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { beatsToFilm, lineAt } from './prompt';
import { takesThatCount, visitsOfFilm, type Take } from './takes';

const script = withBeats(
  { kind: 'tell', id: 'bt_hello', text: 'Good morning, ducklings, the marsh is awake.' },
  moveBeat([doseOf('lunge', 6, { sides: 'each' }), doseOf('squat', 5)], { id: 'bt_move' }),
  { kind: 'drink', id: 'bt_drink', seconds: 20, text: 'Sip time.' },
);
const { cues } = unroll(script);
const take = (beatId: string, lengthSeconds: number, mark: Take['mark'] = null): Take => ({
  beatId,
  startedAt: '2026-11-26T09:00:00.000Z',
  lengthSeconds,
  mark,
});

describe('a film', () => {
  it('is taken beat by beat; all that is said and done stands in its order', () => {
    const beats = beatsToFilm(cues, moveBookOf(script));
    expect(beats.map(({ beatId }) => beatId)).toEqual(['bt_hello', 'bt_move', 'bt_drink']);
    const total = beats.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
    expect(total).toBeCloseTo(unroll(script).totalSeconds, 6);
    const done = beats[1]!.lines.filter(({ kind }) => kind === 'do').map(({ text }) => text);
    expect(done).toContain('Long step bend: 6 reps, left');
    expect(done).toContain('Long step bend: 6 reps, right');
    expect(done).toContain('Squat: 5 reps');
    for (const { lines } of beats) {
      const times = lines.map(({ atSeconds }) => atSeconds);
      expect(times).toEqual([...times].sort((a, b) => a - b));
    }
  });

  it('says when to stand side on, and where the film may be paused', () => {
    const marks = beatsToFilm(cues, moveBookOf(script)).map(({ lines }) =>
      lines.map(({ mark }) => mark).find(Boolean),
    );
    expect(marks).toEqual([undefined, 'side on', 'pause the film here']);
  });

  it('has one line on at a time: the last that has begun', () => {
    const [, move] = beatsToFilm(cues, moveBookOf(script));
    expect(lineAt(move!, 0)).toBe(0);
    const last = move!.lines.length - 1;
    expect(lineAt(move!, move!.lines[last]!.atSeconds)).toBe(last);
    expect(lineAt(move!, move!.lines[last]!.atSeconds - 0.01)).toBe(last - 1);
  });

  it('is put together from the last good take of each beat', () => {
    const takes = [
      take('bt_hello', 1, 'good'),
      take('bt_hello', 9),
      take('bt_move', 8, 'again'),
      take('bt_drink', 4, 'again'),
      take('bt_drink', 25),
    ];
    const counting = takesThatCount(takes);
    expect([...counting].map(([id, { lengthSeconds }]) => [id, lengthSeconds])).toEqual([
      ['bt_hello', 1],
      ['bt_drink', 25],
    ]);
    const visits = visitsOfFilm(cues, takes);
    // Whatever is filmed first, the film goes as the script does.
    expect(visitsOfFilm(cues, takes.toReversed())).toEqual(visits);
    expect(visits.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0)).toBeCloseTo(26, 6);
    expect(visits[0]).toMatchObject({ startSeconds: 0, lengthSeconds: 1, cutShort: true });
    expect(visits.at(-1)!.cutShort).toBe(false);
    for (const [n, visit] of visits.entries()) {
      const before = visits[n - 1];
      const begins = before ? before.startSeconds + before.lengthSeconds : 0;
      expect(visit.startSeconds).toBeCloseTo(begins, 9);
    }
  });
});
