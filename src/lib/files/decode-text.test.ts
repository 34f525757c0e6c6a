import { describe, expect, it } from 'vitest';
import { decodeText } from './decode-text';

const TEXT = 'The heron’s café – 6 squats';
const utf16 = (text: string, little: boolean) => {
  const bytes = new Uint8Array(text.length * 2);
  [...text].forEach((sign, n) =>
    new DataView(bytes.buffer).setUint16(n * 2, sign.charCodeAt(0), little),
  );
  return bytes;
};
const marked = (mark: readonly number[], bytes: Uint8Array) => new Uint8Array([...mark, ...bytes]);
/** Windows-1252, by its table (WHATWG Encoding Standard): ’ is 92, – is 96, é is E9. */
const windows = new Uint8Array(
  [...TEXT].map((sign) => ({ '’': 0x92, '–': 0x96, é: 0xe9 })[sign] ?? sign.charCodeAt(0)),
);

describe('the text in a file', () => {
  it.each([
    ['UTF-8', new TextEncoder().encode(TEXT)],
    ['UTF-8 with its mark', marked([0xef, 0xbb, 0xbf], new TextEncoder().encode(TEXT))],
    ['UTF-16, little-endian, with its mark', marked([0xff, 0xfe], utf16(TEXT, true))],
    ['UTF-16, big-endian, with its mark', marked([0xfe, 0xff], utf16(TEXT, false))],
    ['UTF-16, little-endian', utf16(TEXT, true)],
    ['UTF-16, big-endian', utf16(TEXT, false)],
    ['Windows-1252', windows],
  ])('is read in %s', (_, bytes) => {
    expect(decodeText(bytes)).toBe(TEXT);
  });

  it('is nothing where there is nothing, and short texts stay what they are', () => {
    expect(decodeText(new Uint8Array())).toBe('');
    expect(decodeText(new TextEncoder().encode('hop'))).toBe('hop');
  });
});
