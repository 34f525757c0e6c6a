import { describe, expect, it } from 'vitest';
import type { Cue } from './cue';
import { DEFAULT_PACE } from './pace';
import { sayingsOf } from './saying';
import { speechSeconds } from './speech';
import { startsBy } from './starts';

const cue = (id: string, given: Partial<Cue>) =>
  ({
    id,
    kind: 'tell',
    chapterId: 'ch_1',
    beatId: `bt_${id}`,
    text: 'Over the marsh we go.',
    startSeconds: 10,
    lengthSeconds: 60,
    meanwhile: [],
    sticksOut: false,
    doing: null,
    ...given,
  }) as unknown as Cue;

describe('sayingsOf', () => {
  const spoken = speechSeconds('Over the marsh we go.', DEFAULT_PACE);
  const whenOf = (given: Partial<Cue>) =>
    sayingsOf([cue('a', given)], DEFAULT_PACE).map(({ when }) => when);

  it('a line is said before what comes, as long as it takes to say, and no longer than its cue', () => {
    expect(sayingsOf([cue('a', {})], DEFAULT_PACE)).toEqual([
      {
        cueId: 'a',
        chapterId: 'ch_1',
        beatId: 'bt_a',
        part: null,
        text: 'Over the marsh we go.',
        startSeconds: 10,
        lengthSeconds: spoken,
        when: 'before',
      },
    ]);
    const [short] = sayingsOf([cue('a', { lengthSeconds: 1 })], DEFAULT_PACE);
    expect(short!.lengthSeconds).toBe(1);
  });
  it('is said while they work, or after, where it sticks out', () => {
    expect(whenOf({ kind: 'work', doing: { part: 'p' } as never })).toEqual(['while']);
    expect(whenOf({ sticksOut: true })).toEqual(['after']);
  });
  it('nothing is said where there is no line; a device and what is set up have lines of their own', () => {
    expect(whenOf({ text: '  ' })).toEqual([]);
    expect(whenOf({ kind: 'draw' })).toEqual([]);
    expect(whenOf({ kind: 'setup' })).toEqual([]);
  });
  it('what is said meanwhile has its own time, and what goes on from before is told once', () => {
    const meanwhile = [
      { text: 'Quiet!', atSeconds: 4, lengthSeconds: 2, goesOn: false },
      { text: 'And on', atSeconds: 0, lengthSeconds: 3, goesOn: true },
    ] as never;
    const found = sayingsOf([cue('a', { text: '', meanwhile })], DEFAULT_PACE);
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({
      text: 'Quiet!',
      startSeconds: 14,
      lengthSeconds: 2,
      when: 'while',
    });
  });
});

it('a beat and a chapter begin with the first of their cues', () => {
  const cues = [
    cue('a', { beatId: 'b1', startSeconds: 0 }),
    cue('b', { beatId: 'b1', startSeconds: 5 }),
    cue('c', { beatId: 'b2', chapterId: 'ch_2', startSeconds: 9 }),
  ];
  expect([...startsBy(cues, 'beatId')]).toEqual([
    ['b1', 0],
    ['b2', 9],
  ]);
  expect([...startsBy(cues, 'chapterId')]).toEqual([
    ['ch_1', 0],
    ['ch_2', 9],
  ]);
});
