import { deflateRawSync, inflateRawSync } from 'node:zlib';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryAdventure } from '../../testing/arbitrary';
import { moveBeat, doseOf, withBeats } from '../../testing/make';
import { DICTIONARY } from './dictionary';
import { fromDigits, toDigits } from './digits';
import { adventureInLink, codeFragment, linkFragment, MOST_LINK_CHARACTERS } from './link';

const GOOD = withBeats(
  { kind: 'tell', id: 'bt_hello', text: 'The ferry’s late – again! 🚣' },
  moveBeat([doseOf('squat', 8)]),
);
/** Packed by another packer (Node's zlib, RFC 1951), as letters (RFC 4648, 5). */
const linkWith = (text: string) =>
  `a${deflateRawSync(text, { dictionary: Buffer.from(DICTIONARY) }).toString('base64url')}`;
const codesOf = (fragment: string) => {
  const read = adventureInLink(fragment);
  return read.ok ? [] : read.problems.map(({ code }) => code);
};

describe('an adventure in a link', () => {
  it('comes back as it was, from letters and from digits', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        const link = linkFragment(adventure);
        expect(link).toMatch(/^[\w-]+$/u);
        expect(adventureInLink(link)).toEqual({ ok: true, value: adventure });
        const code = codeFragment(adventure);
        if (code === null) return;
        expect(code).toMatch(/^\d+$/u);
        expect(adventureInLink(code)).toEqual({ ok: true, value: adventure });
      }),
      { numRuns: 40 },
    );
  });

  it('is the file in small, as another program unpacks it (zlib)', () => {
    const packed = Buffer.from(linkFragment(GOOD).slice(1), 'base64url');
    const text = inflateRawSync(packed, { dictionary: Buffer.from(DICTIONARY) }).toString();
    expect(JSON.parse(text)).toMatchObject(JSON.parse(JSON.stringify(GOOD)));
    expect(codesOf(linkWith(text))).toEqual([]);
  });

  it('cut anywhere is refused, and one with another sign in it is never another adventure', () => {
    const link = linkFragment(GOOD);
    for (let length = 0; length < link.length; length += 7)
      expect(codesOf(link.slice(0, length))).toEqual(['broken-link']);
    fc.assert(
      fc.property(fc.nat(link.length - 1), fc.constantFrom(...'Az09-_'), (at, sign) => {
        fc.pre(link[at] !== sign);
        // Bits after the end of what is packed stand for nothing: the same comes back.
        const read = adventureInLink(link.slice(0, at) + sign + link.slice(at + 1));
        if (read.ok) expect(read.value).toEqual(GOOD);
        else expect(read.problems.length).toBeGreaterThan(0);
      }),
    );
  });

  it('that is none, too long, or would unpack to more than an adventure is refused', () => {
    for (const text of ['', '#', 'a', '1', 'b123', 'a!', '1x', 'hello%20there', '12'])
      expect(codesOf(text)).toEqual(['broken-link']);
    expect(codesOf(`a${'A'.repeat(MOST_LINK_CHARACTERS)}`)).toEqual(['link-too-long']);
    expect(codesOf(linkWith(`"${'a'.repeat(30_000_000)}"`))).toEqual(['too-large']);
    expect(codesOf(linkWith('{"no":"adventure"}'))).toEqual(['not-arrup']);
    expect(codesOf(linkWith('[1'))).toEqual(['broken-link']);
  });

  it('has no code where a camera could not read it', () => {
    const words = Array.from({ length: 900 }, (_, n) => (n * 7919).toString(36)).join(' ');
    const long = withBeats(
      ...[0, 1, 2].map((n) => ({
        kind: 'tell' as const,
        id: `bt_${n}`,
        text: words.slice(n * 1500, n * 1500 + 1500),
      })),
    );
    expect(codeFragment(long)).toBeNull();
    expect(codeFragment(GOOD)).not.toBeNull();
  });
});

it('digits hold any bytes, and nothing else is taken for them', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 60 }), (bytes) => {
      expect(fromDigits(toDigits(bytes))).toEqual(bytes);
    }),
  );
  // As few digits as hold so many bytes: 256 ** n in decimals. Links that were given away stay readable.
  for (let n = 1; n <= 7; n += 1)
    expect(toDigits(new Uint8Array(n).fill(255))).toHaveLength(String(256n ** BigInt(n)).length);
  expect(toDigits(Uint8Array.of(255))).toBe('255');
  expect(toDigits(Uint8Array.of(1, 0))).toBe('00256');
  for (const odd of ['1', '999', '99999', 'abc', '1234']) expect(fromDigits(odd)).toBeNull();
});
