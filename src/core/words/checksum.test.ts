import { describe, expect, it } from 'vitest';
import { checksum } from './checksum';

describe('a checksum', () => {
  // The check value of CRC-32 in the catalogue of parametrised CRC algorithms, and its usual companions.
  it.each([
    ['123456789', 'cbf43926'],
    ['', '00000000'],
    ['a', 'e8b7be43'],
    ['The quick brown fox jumps over the lazy dog', '414fa339'],
  ])('of %s is %s', (text, sum) => {
    expect(checksum(text)).toBe(sum);
  });

  it('is another one where one sign is another', () => {
    expect(checksum('6 squats')).not.toBe(checksum('8 squats'));
    expect(checksum('\u0112')).not.toBe(checksum('\u0212'));
  });
});
