import { readdirSync, readFileSync } from 'node:fs';
import jsQR from 'jsqr';
import { describe, expect, it } from 'vitest';
import { adventureInLink, codeFragment, linkFragment, parseArrupJson, type Adventure } from '$core';
import { readStart, STARTS } from '$lib/shelf/starts';
import { qrOf, type QrPath } from './qr-path';

const ADDRESS = 'https://arrup.example/take';

/** The squares of a code as a picture of `scale` dots a square, as a camera would have it. */
function pictureOf({ path, width }: QrPath, scale = 3) {
  const side = width * scale;
  const dots = new Uint8ClampedArray(side * side * 4).fill(255);
  for (const [, x, y] of path.matchAll(/M(\d+) (\d+)h1v1h-1z/gu)) {
    for (let n = 0; n < scale * scale; n += 1) {
      const row = Number(y) * scale + Math.floor(n / scale);
      const at = (row * side + Number(x) * scale + (n % scale)) * 4;
      dots.fill(0, at, at + 3);
    }
  }
  return [dots, side, side] as const;
}

const DEMO = 'src/lib/demo';
const demo = readdirSync(DEMO)
  .filter((name) => name.endsWith('.arrup.json'))
  .map((name) => {
    const read = parseArrupJson(readFileSync(`${DEMO}/${name}`, 'utf8'));
    if (!read.ok) throw new Error(name);
    return read.value;
  });

// Read by a reader that is not ours (jsQR).
describe('every demo and starting point', async () => {
  const all: readonly Adventure[] = [...demo, ...(await Promise.all(STARTS.map(readStart)))];
  it.each(all.map((one) => [one.title, one] as const))('%s goes into a link and back', (_, one) => {
    expect(adventureInLink(linkFragment(one))).toEqual({ ok: true, value: one });
  });

  it('goes into a code and back, most of them', () => {
    const codes = all.flatMap((one) => {
      const digits = codeFragment(one);
      return digits === null ? [] : [[one, digits] as const];
    });
    expect(codes.length).toBeGreaterThanOrEqual(all.length * 0.4);
    for (const [one, digits] of codes.slice(0, 3)) {
      const read = jsQR(...pictureOf(qrOf(ADDRESS, digits)))?.data;
      expect(read).toBe(`${ADDRESS}#${digits}`);
      expect(adventureInLink(digits)).toEqual({ ok: true, value: one });
    }
  });
});
