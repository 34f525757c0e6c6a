import { describe, expect, it } from 'vitest';
import { placeIn } from './carry-on';

const cue = (beatId: string, n: number) => ({ id: `${beatId}.${n}`, beatId });
const plan = [cue('a', 0), cue('a', 1), cue('b', 0), cue('b', 1), cue('c', 0)];
const left = (index: number) => ({ plan, leading: { index } }) as never;

describe('a session that was left', () => {
  it.each([
    ['at its cue', plan, 3, 3, 'there'],
    ['at its cue, wherever that is now', [cue('z', 0), ...plan], 3, 4, 'there'],
    ['where its beat begins, if that is shorter now', [cue('a', 0), cue('b', 0)], 3, 1, 'its beat'],
    [
      'with the next beat that is there, if its own is gone',
      [cue('a', 0), cue('c', 0)],
      2,
      1,
      'the next',
    ],
    ['at the end, if nothing after it is there', [cue('a', 0), cue('a', 1)], 3, 1, 'the end'],
    ['at the end of nothing', [], 0, 0, 'the end'],
  ])('goes on %s', (_, cues, from, index, where) => {
    expect(placeIn(cues, left(from))).toEqual({ index, where });
  });
});
