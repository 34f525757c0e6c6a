import { type Adventure, moveBookOf, parseArrupJson, unroll } from '$core';
import { describe, expect, it } from 'vitest';
import { doseOf, moveBeat, withBeats } from '../../core/testing/make';
import text from '$lib/demo/late-letter.arrup.json?raw';
import { cueWords, nextWords, sideOf } from './cue-words';

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

  it('has the children’s own side while they do it, and none while they rest or watch', () => {
    const doing = cues.find((cue) => cue.doing?.side === 'left')!.doing!;
    expect(sideOf({ kind: 'work', doing })).toBe('left');
    expect(sideOf({ kind: 'rest', doing })).toBeNull();
    expect(sideOf({ kind: 'work', doing: { ...doing, side: 'any' } })).toBeNull();
  });

  it('announces the other side, the next thing, and the end', () => {
    const ferry = cues.findIndex((cue) => cue.kind === 'work' && cue.doing?.side === 'left');
    expect(nextWords(cues, ferry)).toBe('Goat ferry, right');
    expect(nextWords(cues, cues.length - 1)).toBe('The end');
    expect(nextWords(cues, 0)).toContain('Arms out, turn around once.');
  });

  it('tells a rest and what comes after it, and in the rest the same thing', () => {
    const { cues: sets } = unroll(
      withBeats(moveBeat([doseOf('squat', 8, { amounts: [8, 8], restSeconds: 10 })])),
    );
    const work = sets.findIndex(({ kind }) => kind === 'work');
    const rest = sets.findIndex(({ kind }) => kind === 'rest');
    expect(nextWords(sets, work)).toBe('A rest, then squat');
    expect(nextWords(sets, rest)).toBe('Squat');
  });

  it('calls the next group, where they go by turns', () => {
    const squats = doseOf('squat', 5, { atOnce: 'half' });
    const { cues: turns } = unroll(withBeats(moveBeat([squats], { show: 'none' })));
    expect(turns.map(({ kind }) => kind)).toEqual(['work', 'change', 'work']);
    expect(nextWords(turns, 0)).toBe('The next group');
    expect(cueWords(turns[1]!, book.get('squat')!)).toMatchObject({ main: 'Next group' });
    expect(nextWords(turns, 1)).toBe('The end');
  });
});
