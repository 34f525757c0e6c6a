import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawBeat } from '../testing/make';
import { chancesOfNever } from './never';
import { oddsOf } from './odds';
import { urnOf } from './urn';
import { seededRandom } from './random';

describe('chancesOfNever', () => {
  it('is what the exact odds say, for every rule that it knows', () => {
    const rules = fc.record({
      returns: fc.constantFrom(
        'back' as const,
        'out' as const,
        'bag' as const,
        'in order' as const,
      ),
      onRepeat: fc.constantFrom('keep' as const, 'again' as const),
      stop: fc.record({
        after: fc.constant('draws' as const),
        draws: fc.integer({ min: 1, max: 9 }),
      }),
    });
    fc.assert(
      fc.property(rules, fc.integer({ min: 1, max: 6 }), (given, moves) => {
        const beat = drawBeat(moves, { rules: given });
        const urn = urnOf(beat);
        const odds = oddsOf(beat, seededRandom(1));
        if (!urn.ok || !odds.ok) throw new Error('not drawable');
        const never = chancesOfNever(urn.value)!;
        expect(odds.value.method).toBe('exact');
        odds.value.counts.forEach((counts, entry) => {
          expect(never[entry]).toBeCloseTo(counts[0]!, 9);
        });
      }),
    );
  });

  it('does not guess where the number of draws is open', () => {
    const urn = urnOf(drawBeat(3, { rules: { stop: { after: 'seconds', seconds: 60 } } }));
    expect(urn.ok && chancesOfNever(urn.value)).toBeNull();
  });
});
