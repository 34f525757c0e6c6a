import fc from 'fast-check';
import { create } from 'fontkit';
import { describe, expect, it } from 'vitest';
import { printFonts } from '../testing/print-fonts';

const type = printFonts();
const text = fc.string({ unit: 'grapheme', maxLength: 60 });

describe('text over fonts', () => {
  it('keeps every sign that some font has, and tells of those that none has', () => {
    expect(
      type
        .stretches('text', 'Łódź Ладья')
        .map(({ text: one }) => one)
        .join(''),
    ).toBe('Łódź Ладья');
    expect(new Set(type.stretches('text', 'a Ладья').map(({ font }) => font)).size).toBe(2);
    type.missing.clear();
    expect(type.stretches('heading', '船')).toMatchObject([{ text: '□' }]);
    expect([...type.missing]).toEqual(['船']);
  });

  it('leaves out as few letters as it can where a line ends in an ellipsis', () => {
    const long = 'lamplighters of the marsh';
    const widthMm = type.ems('text', `${long.slice(0, 9)}…`) * 4 + 0.01;
    const { lines } = type.fit('text', long, { widthMm, sizeMm: 4, leastMm: 4, mostLines: 1 });
    expect(lines).toEqual([`${long.slice(0, 9)}…`]);
  });

  it('fits any text in its box, or ends it with an ellipsis at the smallest size', () => {
    fc.assert(
      fc.property(
        text,
        fc.integer({ min: 15, max: 80 }),
        fc.integer({ min: 1, max: 3 }),
        (words, width, most) => {
          const box = { widthMm: width, sizeMm: 12, leastMm: 3, mostLines: most };
          const { sizeMm, lines } = type.fit('strong', words, box);
          expect(lines.length).toBeLessThanOrEqual(most);
          expect(sizeMm).toBeGreaterThanOrEqual(3);
          for (const line of lines.slice(0, -1)) {
            expect(type.ems('strong', line) * sizeMm).toBeLessThanOrEqual(width + 1e-6);
          }
          if (sizeMm > 3) {
            expect(lines.join(' ')).toBe(words.trim().split(/\s+/u).filter(Boolean).join(' '));
          }
        },
      ),
    );
  });

  // The outlines are counted by fontkit: a plain nought has two, one with a slash or a dot has more.
  it.each(['strong', 'heading'] as const)('a count in %s has noughts without a slash', (face) => {
    const [figures] = type.stretches(face, '100 hops');
    expect(figures!.text).toMatch(/^100/u);
    const { bytes } = type.files.find(({ name }) => name === figures!.font)!;
    const { path } = create(Buffer.from(bytes)).glyphForCodePoint(48);
    const outlines = path.commands.filter(
      ({ command }: { command: string }) => command === 'moveTo',
    );
    expect(outlines).toHaveLength(2);
  });
});
