import { readFileSync } from 'node:fs';
import { create } from 'fontkit';
import { describe, expect, it } from 'vitest';
import { PRINT_FONT_PATHS } from '../testing/print-fonts';
import { asTrueType, readFont } from './font-file';

// The outside reference is fontkit, the reader that the PDF package itself is built on.
describe.each(PRINT_FONT_PATHS)('the facts of %s', (path) => {
  const bytes = readFileSync(path);
  const facts = readFont(bytes);
  const reference = create(bytes) as unknown as {
    characterSet: number[];
    unitsPerEm: number;
    glyphForCodePoint: (code: number) => { advanceWidth: number };
  };

  it('are its signs and their widths, as another reader has them', () => {
    expect(reference.characterSet.length).toBeGreaterThan(100);
    for (const code of reference.characterSet) {
      if (code >= 0xffff) continue;
      expect(facts.has(code), code.toString(16)).toBe(true);
      expect(facts.emsOf(code)).toBeCloseTo(
        reference.glyphForCodePoint(code).advanceWidth / reference.unitsPerEm,
        6,
      );
    }
    const known = new Set(reference.characterSet);
    for (let code = 1; code < 0xfff0; code += 7) expect(facts.has(code)).toBe(known.has(code));
  });

  it('are the same in a plain TrueType file that is made of it', () => {
    const plain = asTrueType(bytes);
    const again = create(Buffer.from(plain)) as unknown as typeof reference & { type: string };
    expect([...plain.subarray(0, 4)]).toEqual([0, 1, 0, 0]);
    expect(again.characterSet).toEqual(reference.characterSet);
    expect(again.glyphForCodePoint(0x41).advanceWidth).toBe(
      reference.glyphForCodePoint(0x41).advanceWidth,
    );
    expect(asTrueType(plain)).toBe(plain);
  });
});
