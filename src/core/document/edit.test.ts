import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryAdventure } from '../testing/arbitrary';
import type { Adventure } from './adventure';
import type { Beat } from '../beats';
import {
  addBeats,
  addChapter,
  changeBeat,
  findBeat,
  removeBeat,
  removeChapter,
  setBeats,
  shiftBeat,
  shiftChapter,
} from './edit';
import { closeStep, record, redo, startHistory, undo } from './history';
import { copyAdventure, newAdventure } from './new-adventure';
import { countingIds } from '../testing/make';

const line = (n: number): Beat => ({ kind: 'tell', id: `bt_l${n}`, text: `line ${n}` });
const order = (adventure: Adventure) =>
  adventure.chapters.map((chapter) => chapter.beats.map((beat) => beat.id.slice(3)).join(' '));

function script(): Adventure {
  const empty = newAdventure(countingIds());
  const [first, second] = empty.chapters;
  return {
    ...empty,
    chapters: [
      { ...first!, beats: [line(1), line(2)] },
      { ...second!, beats: [line(3)] },
    ],
  };
}

describe('edits', () => {
  it('moves a beat within its chapter, and over the edge into the neighbouring one', () => {
    const start = script();
    expect(order(shiftBeat(start, 'bt_l1', 1))).toEqual(['l2 l1', 'l3']);
    expect(order(shiftBeat(start, 'bt_l2', 1))).toEqual(['l1', 'l2 l3']);
    expect(order(shiftBeat(start, 'bt_l3', -1))).toEqual(['l1 l2 l3', '']);
    expect(shiftBeat(start, 'bt_l1', -1)).toBe(start);
    expect(shiftBeat(start, 'bt_l3', 1)).toBe(start);
  });

  it('adds, changes, takes away and reorders', () => {
    const start = script();
    const chapter = start.chapters[0]!;
    expect(order(addBeats(start, chapter.id, 1, [line(9), line(8)]))[0]).toBe('l1 l9 l8 l2');
    expect(order(removeBeat(start, 'bt_l1'))).toEqual(['l2', 'l3']);
    expect(order(setBeats(start, chapter.id, [line(2), line(1)]))[0]).toBe('l2 l1');
    const changed = changeBeat(start, 'bt_l3', (beat) => ({ ...beat, text: 'other' }) as Beat);
    expect(changed.chapters[1]!.beats[0]).toMatchObject({ text: 'other' });
    expect(changed.chapters[0]).toBe(start.chapters[0]);
  });

  it('adds, moves and takes away whole chapters', () => {
    const start = script();
    const chapter = {
      id: 'ch_new',
      kind: 'game',
      title: 'Game',
      led: null,
      beats: [line(7)],
    } as const;
    const added = addChapter(start, chapter, 1);
    expect(order(added)).toEqual(['l1 l2', 'l7', 'l3']);
    expect(order(shiftChapter(added, 'ch_new', 1))).toEqual(['l1 l2', 'l3', 'l7']);
    expect(order(shiftChapter(added, 'ch_new', -1))).toEqual(['l7', 'l1 l2', 'l3']);
    expect(shiftChapter(start, start.chapters[0]!.id, -1)).toBe(start);
    expect(order(removeChapter(added, 'ch_new'))).toEqual(order(start));
  });

  it('leaves an adventure as it is when the beat is gone', () => {
    const start = script();
    expect(removeBeat(start, 'bt_gone')).toBe(start);
    expect(changeBeat(start, 'bt_gone', () => line(1))).toBe(start);
    expect(shiftBeat(start, 'bt_gone', 1)).toBe(start);
  });

  it('keeps every beat through any shifts', () => {
    fc.assert(
      fc.property(
        arbitraryAdventure,
        fc.array(fc.tuple(fc.nat(), fc.boolean())),
        (start, shifts) => {
          const ids = start.chapters.flatMap((chapter) => chapter.beats.map((beat) => beat.id));
          fc.pre(ids.length > 0);
          const end = shifts.reduce(
            (adventure, [pick, down]) =>
              shiftBeat(adventure, ids[pick % ids.length]!, down ? 1 : -1),
            start,
          );
          for (const id of ids) expect(findBeat(end, id)).not.toBeNull();
          expect(end.chapters.flatMap((chapter) => chapter.beats)).toHaveLength(ids.length);
        },
      ),
    );
  });

  it('copies under fresh ids, all else the same', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (start) => {
        let n = 0;
        const copy = copyAdventure(start, 'Second', (prefix) => `${prefix}_copy${(n += 1)}`);
        const ids = JSON.stringify(copy).match(/"(adv|ch|bt|ac|st|en)_t\d+"/gu);
        expect(ids).toBeNull();
        const plain = (adventure: Adventure) =>
          JSON.stringify({ ...adventure, title: '' }).replace(/"(adv|ch|bt|ac|st|en)_\w+"/gu, '');
        expect(plain(copy)).toBe(plain(start));
      }),
    );
  });
});

describe('history', () => {
  it('undoes and redoes any run of edits back to where it was', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { maxLength: 40 }), (edits) => {
        const start = startHistory(-0.5);
        const end = edits.reduce((history, edit) => record(history, edit), start);
        let back = end;
        for (let n = end.past.length; n > 0; n -= 1) back = undo(back);
        expect(back.present).toBe(-0.5);
        expect(undo(back)).toBe(back);
        for (let n = end.past.length; n > 0; n -= 1) back = redo(back);
        expect(back.present).toBe(end.present);
      }),
    );
  });

  it('makes one step of edits with one key in a row, until the step is closed', () => {
    const typed = ['a', 'ab', 'abc'].reduce(
      (h, text) => record(h, text, 'title'),
      startHistory(''),
    );
    expect(undo(typed).present).toBe('');
    const again = record(closeStep(typed), 'abcd', 'title');
    expect(undo(again).present).toBe('abc');
  });

  it('forgets what was undone once something new is done', () => {
    const history = record(undo(record(startHistory(1), 2)), 3);
    expect(redo(history)).toBe(history);
  });
});
