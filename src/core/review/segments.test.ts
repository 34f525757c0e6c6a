import { describe, expect, it } from 'vitest';
import { unroll } from '../schedule/unroll';
import { circuit as circuitOf, doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import type { Beat } from '../beats';
import { segmentsOf } from './segments';

const of = (known: readonly string[], ...beats: readonly Beat[]) => {
  const adventure = withBeats(...beats);
  return segmentsOf(adventure, unroll(adventure).cues, new Set(known));
};
const chance = (segment: ReturnType<typeof of>[number], term: string, variant = 0) =>
  segment.variants[variant]!.get(term) ?? 0;

describe('a script in stretches that are looked for', () => {
  it('a line is one, and each station in each round', () => {
    const circuit = circuitOf(['squat', 'march'], { rounds: 2 });
    const segments = of([], { kind: 'tell', id: 'bt_1', text: 'The fog comes in.' }, circuit);
    const led = segments.filter(({ mayMove }) => mayMove);
    expect(led.map(({ label, round }) => [label, round])).toEqual([
      ['squat', 1],
      ['march', 1],
      ['squat', 2],
      ['march', 2],
    ]);
    expect(segments[0]).toMatchObject({ beatId: 'bt_1', part: null, mayMove: false });
    expect(chance(segments[0]!, 'fog')).toBeGreaterThan(0.4);
    expect(chance(led[0]!, 'squat')).toBeGreaterThan(chance(led[0]!, 'march'));
    // One after the other, nothing left out and nothing twice.
    expect(segments[0]!.fromCue).toBe(0);
    segments.slice(1).forEach((one, n) => expect(one.fromCue).toBe(segments[n]!.toCue));
    expect(new Set(segments.map(({ key }) => key)).size).toBe(segments.length);
  });

  it('a guise is listened for before the move’s own name, and both sides of a sided move', () => {
    const hop = doseOf('hop', 8, { sides: 'each' });
    const guise = { ...hop.guise, name: 'mud leaps', line: 'Over the ditch!' };
    const [segment] = of([], moveBeat([{ ...hop, guise }]));
    expect(chance(segment!, 'mud')).toBeGreaterThan(chance(segment!, 'hop'));
    expect(chance(segment!, 'hop')).toBeGreaterThan(0.2);
    expect(chance(segment!, 'mud leap')).toBeGreaterThan(0.2);
    expect(chance(segment!, 'left')).toBe(chance(segment!, 'right'));
    expect(segment!.amounts).toEqual([8]);
    expect(segment!.label).toBe('mud leaps');
  });

  it('a draw of which nobody knows what came may be any of its entries', () => {
    const die = drawBeat(['squat', 'march'], {});
    const unknown = of([], die).filter(({ round }) => round > 0);
    expect(unknown[0]!.variants).toHaveLength(2);
    expect(chance(unknown[0]!, 'squat', 0)).toBeGreaterThan(0.3);
    expect(chance(unknown[0]!, 'march', 1)).toBeGreaterThan(0.3);
    expect(chance(unknown[0]!, 'march', 0)).toBe(0);
    expect(unknown[0]).toMatchObject({ part: null, amounts: [] });
    const known = of([die.id], die).filter(({ round }) => round > 0);
    expect(known[0]!.variants).toHaveLength(1);
    expect(known[0]!.part).not.toBeNull();
  });

  it('a drink may be cut short sooner than anything else', () => {
    const [drink, march] = of(
      [],
      { kind: 'drink', id: 'bt_d', text: '', seconds: 30 },
      moveBeat([doseOf('march', 20)]),
    );
    expect(chance(drink!, 'drink')).toBeGreaterThan(0.5);
    expect(drink!.spread).toBeGreaterThan(march!.spread);
    expect(march!.skipCost).toBeGreaterThan(drink!.skipCost);
  });
});
