import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fromUnit, inUnit, lengthIn } from './lengths';

describe('lengths in the presenter’s own unit', () => {
  it('reads ten metres as 33 feet: a foot is 0.3048 m by definition', () => {
    expect(lengthIn(10, 'feet')).toBe('33 ft');
    expect(lengthIn(2.44, 'feet')).toBe('8 ft');
    expect(lengthIn(2.44, 'metres')).toBe('2.4 m');
    expect(fromUnit(8, 'feet')).toBe(2.44);
  });

  it('keeps what was typed in feet, to the half foot', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 800 }), (halves) => {
        expect(inUnit(fromUnit(halves / 2, 'feet'), 'feet')).toBe(halves / 2);
      }),
    );
  });
});
