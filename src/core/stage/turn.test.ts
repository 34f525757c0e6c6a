import { describe, expect, it } from 'vitest';
import { unroll } from '../schedule/unroll';
import { drawBeat, withBeats } from '../testing/make';
import { turnAt } from './turn';

const stop = { after: 'draws' as const, draws: 4 };
const children = () => drawBeat(3, { rules: { thrower: 'child', stop } });

function turnsOf(group: number, ...beats: ReturnType<typeof drawBeat>[]): (number | null)[] {
  const script = withBeats(...beats);
  const adventure = { ...script, setting: { ...script.setting, group } };
  const { cues } = unroll(adventure);
  return cues.flatMap((cue, n) =>
    cue.kind === 'draw' ? [turnAt(adventure, cues, n)?.n ?? null] : [],
  );
}

describe('whose turn it is', () => {
  it('goes round the circle, on from one draw beat to the next', () => {
    expect(turnsOf(3, children(), children())).toEqual([1, 2, 3, 1, 2, 3, 1, 2]);
  });

  it('is nobody’s where the leader draws, and passes over their draws', () => {
    const leader = drawBeat(3, { rules: { stop: { after: 'draws', draws: 2 } } });
    expect(turnsOf(5, children(), leader, children())).toEqual([
      1,
      2,
      3,
      4,
      null,
      null,
      5,
      1,
      2,
      3,
    ]);
    expect(turnsOf(1, children())).toEqual([null, null, null, null]);
  });
});
