import {
  check,
  moveBookOf,
  notesByBeat,
  unroll,
  type Adventure,
  type Beat,
  type Finding,
  type MoveBook,
} from '$core';
import { describe, expect, it } from 'vitest';
import { doseOf, moveBeat, withBeats } from '../../core/testing/make';
import { ScriptRows } from './script-rows.svelte';

const BEATS = 60;
const script = withBeats(
  ...Array.from({ length: BEATS }, (_, n) => moveBeat([doseOf('squat', 4)], { id: `bt_${n}` })),
);
const idOf = (n: number) => `bt_${n}`;
const book: MoveBook = moveBookOf({ moves: [] });

function lay(rows: ScriptRows, adventure: Adventure, findings: readonly Finding[] = []): void {
  rows.lay(adventure, unroll(adventure), notesByBeat(findings), book);
}

function laid(adventure = script): ScriptRows {
  const { setting, defaults } = adventure;
  const rows = new ScriptRows({ setting, defaults, book });
  lay(rows, adventure);
  return rows;
}

const withBeat = (n: number, change: (beat: Beat) => Beat): Adventure => ({
  ...script,
  chapters: script.chapters.map((chapter) => ({
    ...chapter,
    beats: chapter.beats.map((beat, at) => (at === n ? change(beat) : beat)),
  })),
});
const said = (words: string) => (beat: Beat) =>
  beat.kind === 'move' ? { ...beat, say: words } : beat;
const inAGap = () => new Promise((resolve) => setTimeout(resolve, 5));

describe('the rows of the script', () => {
  it('has a row and a clock for each beat, numbered in order', () => {
    const rows = laid();
    expect([...rows.all.values()].map(({ number }) => number)).toEqual(
      Array.from({ length: BEATS }, (_, n) => n + 1),
    );
    expect(rows.clocks.get(idOf(0))).toBe('0:00');
    expect(rows.clocks.size).toBe(BEATS);
  });

  it('an edit makes a new row of its own line, and of lines whose notes are others now', () => {
    const rows = laid();
    const changedBy = (run: () => void) => {
      const before = new Map(rows.all);
      run();
      return [...rows.all].filter(([id, row]) => row !== before.get(id)).map(([id]) => id);
    };
    const edited = withBeat(3, said('Down and up, like a bucket in the well.'));
    expect(changedBy(() => lay(rows, edited))).toEqual([idOf(3)]);
    const [note] = check(edited, edited.setting, unroll(edited));
    const there = { ...note!, place: { beatId: idOf(40), part: null } };
    expect(changedBy(() => lay(rows, edited, [there]))).toEqual([idOf(40)]);
    expect(changedBy(() => lay(rows, edited, [{ ...there }]))).toEqual([]);
  });

  it('clocks below it follow at once where they are in sight, the others in the next gap', async () => {
    const rows = laid();
    const [near, far] = [idOf(6), idOf(BEATS - 1)];
    const before = [rows.clocks.get(near), rows.clocks.get(far)];
    const longer = withBeat(3, said('A long line of the story. '.repeat(12)));
    lay(rows, longer);
    expect(rows.clocks.get(near)).not.toBe(before[0]);
    expect(rows.clocks.get(far)).toBe(before[1]);
    await inAGap();
    const whole = laid(longer);
    expect(new Map(rows.clocks)).toEqual(new Map(whole.clocks));
  });

  it('what was put off is not told of a script that has changed again', async () => {
    const rows = laid();
    lay(rows, withBeat(3, said('A long line of the story. '.repeat(12))));
    lay(rows, script);
    await inAGap();
    expect(new Map(rows.clocks)).toEqual(new Map(laid().clocks));
  });

  it('a beat that is gone has no row and no clock, and the numbers close up', async () => {
    const rows = laid();
    const shorter = {
      ...script,
      chapters: script.chapters.map((one) => ({ ...one, beats: one.beats.slice(1) })),
    };
    lay(rows, shorter);
    await inAGap();
    expect(rows.all.has(idOf(0))).toBe(false);
    expect(rows.clocks.has(idOf(0))).toBe(false);
    expect(rows.all.get(idOf(1))!.number).toBe(1);
    expect(rows.clocks.get(idOf(1))).toBe('0:00');
  });
});
