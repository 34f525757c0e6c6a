import { describe, expect, it } from 'vitest';
import { BUILT_IN } from './move-book';
import { APART, cautionText, dangerOf, DANGERS } from './cautions';

describe('what a caution is about', () => {
  it('is known of every caution of the catalogue', () => {
    const all = new Set([...BUILT_IN.values()].flatMap(({ cautions }) => cautions));
    expect(all.size).toBeGreaterThan(20);
    for (const caution of all) expect(DANGERS).toContain(dangerOf(caution));
  });
  it('head and neck go before everything; sore wrists come last', () => {
    expect(dangerOf(cautionText('slow small'))).toBe('head or neck');
    expect(dangerOf(cautionText('land softly'))).toBe('fall');
    expect(dangerOf(cautionText('hands flat'))).toBe('strain');
    expect(DANGERS.indexOf('head or neck')).toBe(0);
  });
  it('of the presenter’s own words, and of names that every object has, is others and walls', () => {
    for (const own of ['Mind the piano.', '', 'constructor']) {
      expect(dangerOf(own)).toBe('others and walls');
    }
    expect(dangerOf(APART)).toBe('others and walls');
  });
});
