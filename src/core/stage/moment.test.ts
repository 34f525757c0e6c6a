import { describe, expect, it } from 'vitest';
import type { Cue } from '../cues/cue';
import { momentOf } from './moment';
import { sayingAt } from './saying';

const cue = (kind: Cue['kind'], doing: object | null = null) => ({ kind, doing }) as unknown as Cue;
const counted = { secondsPerCount: 2 };
const timed = { secondsPerCount: 0 };

describe('momentOf', () => {
  it('words are a goodbye in the last chapter, and a question a sum where a draw asks for one', () => {
    expect(momentOf(cue('say'), 'adventure', false)).toBe('say');
    expect(momentOf(cue('say'), null, false)).toBe('say');
    expect(momentOf(cue('say'), 'goodbye', false)).toBe('goodbye');
    expect(momentOf(cue('ask'), 'game', false)).toBe('ask');
    expect(momentOf(cue('ask', counted), 'game', true)).toBe('sum');
    expect(momentOf(cue('ask', counted), 'game', false)).toBe('ask');
    expect(momentOf(cue('ask'), 'game', true)).toBe('ask');
  });
  it('work is counted, or goes by the clock; in a calm chapter it is calm', () => {
    expect(momentOf(cue('work', counted), 'calm', false)).toBe('reps');
    expect(momentOf(cue('work', timed), 'adventure', false)).toBe('time');
    expect(momentOf(cue('work', timed), 'calm', false)).toBe('calm');
    expect(momentOf(cue('hold', timed), 'adventure', false)).toBe('hold');
    expect(momentOf(cue('hold', timed), 'calm', false)).toBe('calm');
  });
  it('everything else is what its cue is', () => {
    for (const kind of ['rest', 'drink', 'draw', 'count-in'] as const)
      expect(momentOf(cue(kind), 'calm', true)).toBe(kind);
  });
});

it('a line stands as long as its cue; while they move a piece stands at its time', () => {
  const meanwhile = [{ text: 'Knees up!', atSeconds: 2, lengthSeconds: 3, goesOn: false }] as never;
  for (const kind of ['say', 'ask', 'show'] as const)
    expect(sayingAt({ kind, text: 'All of it', meanwhile }, 3)).toBe('All of it');
  expect(sayingAt({ kind: 'work', text: 'All of it', meanwhile }, 3)).toBe('Knees up!');
  expect(sayingAt({ kind: 'work', text: 'All of it', meanwhile }, 0)).toBe('');
});
