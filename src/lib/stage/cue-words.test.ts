import { type Adventure, moveBookOf, parseArrupJson, unroll } from '$core';
import { describe, expect, it } from 'vitest';
import text from '$lib/demo/late-letter.arrup.json?raw';
import { cueWords, nextWords, sideWords } from './cue-words';

const parsed = parseArrupJson(text);
const adventure = (parsed as { value: Adventure }).value;
const { cues } = unroll(adventure);
const book = moveBookOf(adventure);

describe('words on the stage', () => {
  it('has something to say or do in every cue', () => {
    for (const cue of cues) {
      const words = cueWords(cue, cue.doing ? (book.get(cue.doing.move) ?? null) : null);
      expect(words.main.length, cue.id).toBeGreaterThan(0);
    }
  });

  it('speaks the children’s side, and tells the leader which of their own mirrors it', () => {
    expect(sideWords('left', true)).toEqual({ say: 'left', move: 'right' });
    expect(sideWords('left', false)).toEqual({ say: 'left', move: 'left' });
    expect(sideWords('any', true)).toBeNull();
  });

  it('announces the other side, the next thing, and the end', () => {
    const ferry = cues.findIndex((cue) => cue.kind === 'work' && cue.doing?.side === 'left');
    expect(nextWords(cues, ferry)).toBe('Goat ferry, right');
    expect(nextWords(cues, cues.length - 1)).toBe('The end');
    expect(nextWords(cues, 0)).toContain('Arms out, turn around once.');
  });
});
