import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { normalBelow } from './normal';

describe('the normal distribution', () => {
  it('is the one of jstat', () => {
    for (let z = -6; z <= 6; z += 0.25) {
      expect(normalBelow(z)).toBeCloseTo(jstat.normal.cdf(z, 0, 1), 6);
    }
  });
});
