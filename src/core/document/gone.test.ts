import { describe, expect, it } from 'vitest';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { goneBetween } from './gone';

const two = moveBeat([doseOf('squat', 8), doseOf('march', 8)], { id: 'bt_two' });
const one = moveBeat([doseOf('frog-jump', 4)], { id: 'bt_one' });
const script = withBeats(two, one);
const beats = (...list: (typeof one)[]) => ({
  chapters: [{ ...script.chapters[0]!, beats: list }],
});

describe('what went between two states of a script', () => {
  it('is told by the largest thing of which there is less', () => {
    expect(goneBetween(script, { chapters: [] })).toEqual({ what: 'chapter', count: 1 });
    expect(goneBetween(script, beats(one))).toEqual({ what: 'line', count: 1 });
    expect(goneBetween(script, beats())).toEqual({ what: 'line', count: 2 });
    const less = { ...two, actions: two.actions.slice(1) };
    expect(goneBetween(script, beats(less, one))).toEqual({ what: 'move', count: 1 });
  });

  it('is nothing where something was added, changed or moved', () => {
    expect(goneBetween(script, script)).toBeNull();
    expect(goneBetween(script, beats(one, two))).toBeNull();
    expect(goneBetween(script, beats(two, one, { ...one, id: 'bt_more' }))).toBeNull();
    expect(goneBetween(script, beats(two, { ...one, say: 'Hop!' }))).toBeNull();
  });
});
