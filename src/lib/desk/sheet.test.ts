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
import { Sheet } from './sheet.svelte';

const BEATS = 60;
const script = withBeats(
  ...Array.from({ length: BEATS }, (_, n) => moveBeat([doseOf('squat', 4)], { id: `bt_${n}` })),
);
const idOf = (n: number) => `bt_${n}`;
const book: MoveBook = moveBookOf({ moves: [] });

function lay(sheet: Sheet, adventure: Adventure, findings: readonly Finding[] = []): void {
  sheet.lay(adventure, unroll(adventure), notesByBeat(findings), book);
}

function laid(adventure = script): Sheet {
  const { setting, defaults } = adventure;
  const sheet = new Sheet({ setting, defaults, book });
  lay(sheet, adventure);
  return sheet;
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

describe('the sheet of the Desk', () => {
  it('has a row and a clock for each beat, numbered in order', () => {
    const sheet = laid();
    expect([...sheet.rows.values()].map(({ number }) => number)).toEqual(
      Array.from({ length: BEATS }, (_, n) => n + 1),
    );
    expect(sheet.clocks.get(idOf(0))).toBe('0:00');
    expect(sheet.clocks.size).toBe(BEATS);
  });

  it('an edit makes a new row of its own line, and of lines whose notes are others now', () => {
    const sheet = laid();
    const changedBy = (run: () => void) => {
      const before = new Map(sheet.rows);
      run();
      return [...sheet.rows].filter(([id, row]) => row !== before.get(id)).map(([id]) => id);
    };
    const edited = withBeat(3, said('Down and up, like a bucket in the well.'));
    expect(changedBy(() => lay(sheet, edited))).toEqual([idOf(3)]);
    const [note] = check(edited, edited.setting, unroll(edited));
    const there = { ...note!, place: { beatId: idOf(40), part: null } };
    expect(changedBy(() => lay(sheet, edited, [there]))).toEqual([idOf(40)]);
    expect(changedBy(() => lay(sheet, edited, [{ ...there }]))).toEqual([]);
  });

  it('clocks below it follow at once where they are in sight, the others in the next gap', async () => {
    const sheet = laid();
    const [near, far] = [idOf(6), idOf(BEATS - 1)];
    const before = [sheet.clocks.get(near), sheet.clocks.get(far)];
    const longer = withBeat(3, said('A long line of the story. '.repeat(12)));
    lay(sheet, longer);
    expect(sheet.clocks.get(near)).not.toBe(before[0]);
    expect(sheet.clocks.get(far)).toBe(before[1]);
    await inAGap();
    const whole = laid(longer);
    expect(new Map(sheet.clocks)).toEqual(new Map(whole.clocks));
  });

  it('what was put off is not told of a script that has changed again', async () => {
    const sheet = laid();
    lay(sheet, withBeat(3, said('A long line of the story. '.repeat(12))));
    lay(sheet, script);
    await inAGap();
    expect(new Map(sheet.clocks)).toEqual(new Map(laid().clocks));
  });

  it('a beat that is gone has no row and no clock, and the numbers close up', async () => {
    const sheet = laid();
    const shorter = {
      ...script,
      chapters: script.chapters.map((one) => ({ ...one, beats: one.beats.slice(1) })),
    };
    lay(sheet, shorter);
    await inAGap();
    expect(sheet.rows.has(idOf(0))).toBe(false);
    expect(sheet.clocks.has(idOf(0))).toBe(false);
    expect(sheet.rows.get(idOf(1))!.number).toBe(1);
    expect(sheet.clocks.get(idOf(1))).toBe('0:00');
  });
});
