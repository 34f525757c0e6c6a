import { describe, expect, it } from 'vitest';
import { castInWords, listInWords, readCast, readList } from './written-lists';

describe('lists in one line', () => {
  it('reads words between commas, and writes them back', () => {
    expect(readList(' stilt, punt ;kite,, ', 10, 20)).toEqual(['stilt', 'punt', 'kite']);
    expect(readList('a, b, c', 2, 20)).toEqual(['a', 'b']);
    expect(listInWords(['stilt', 'punt'])).toBe('stilt, punt');
  });

  it('reads a cast with roles, commas in them too, and writes it back', () => {
    const text = 'Pip Sedge (carries the post, on stilts), Nettie, Bramwell (a bittern)';
    const cast = [
      { name: 'Pip Sedge', role: 'carries the post, on stilts' },
      { name: 'Nettie', role: '' },
      { name: 'Bramwell', role: 'a bittern' },
    ];
    expect(readCast(text)).toEqual(cast);
    expect(castInWords(cast)).toBe(text);
  });

  it('takes what is half typed', () => {
    expect(readCast('Pip (carries')).toEqual([{ name: 'Pip', role: 'carries' }]);
    expect(readCast('Pip, ')).toEqual([{ name: 'Pip', role: '' }]);
    expect(readCast('  ')).toEqual([]);
  });
});
