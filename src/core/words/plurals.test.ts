import { describe, expect, it } from 'vitest';
import { pluralOf, singularOf } from './plurals';

// English plurals, from common practice: what ends in a hiss takes -es, a consonant with y takes -ies.
const PAIRS: readonly (readonly [string, string])[] = [
  ['bean bag', 'bean bags'],
  ['torch', 'torches'],
  ['box', 'boxes'],
  ['glass', 'glasses'],
  ['leaf', 'leaves'],
  ['berry', 'berries'],
  ['die', 'dice'],
  ['number die', 'number dice'],
  ['pack of cards', 'packs of cards'],
  ['foot', 'feet'],
  ['toy bus', 'toy buses'],
];

describe('plurals', () => {
  it.each(PAIRS)('%s, %s', (one, many) => {
    expect(pluralOf(one)).toBe(many);
    expect(singularOf(many)).toBe(one);
    expect(singularOf(one)).toBe(one);
  });

  it('of one is one', () => {
    expect(pluralOf('torch', 1)).toBe('torch');
    expect(pluralOf('torch', 0)).toBe('torches');
  });

  it('gathers in small letters, without spaces around', () => {
    expect(singularOf(' Bean Bags ')).toBe('bean bag');
  });
});
