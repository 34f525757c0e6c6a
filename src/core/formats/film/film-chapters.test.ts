import { describe, expect, it } from 'vitest';
import { patchMp4, patchWebm, placeForChapters, type Patch } from './film-chapters';

/*
 * What comes of it is read by ffprobe, from whole films, in tests/browser/film.spec.ts. Here: where the
 * patches stand, and what is refused.
 */
const CHAPTERS = [
  { startSeconds: 0, endSeconds: 4.25, text: 'The post house' },
  { startSeconds: 4.25, endSeconds: 30, text: 'Über die Brücke 🐟' },
];
const from = (bytes: Uint8Array) => (at: number, length: number) => bytes.subarray(at, at + length);
const bytesOf = (...numbers: readonly number[]) => Uint8Array.from(numbers);
const box = (kind: string, body: readonly number[]) => [
  ...[24, 16, 8, 0].map((shift) => ((body.length + 8) >> shift) & 255),
  ...[...kind].map((sign) => sign.charCodeAt(0)),
  ...body,
];
const applied = (bytes: Uint8Array, patches: readonly Patch[]) => {
  const length = Math.max(bytes.length, ...patches.map((one) => one.at + one.bytes.length));
  const all = new Uint8Array(length);
  all.set(bytes);
  for (const patch of patches) all.set(patch.bytes, patch.at);
  return all;
};

describe('chapters in MP4', () => {
  const film = bytesOf(...box('ftyp', [1, 2]), ...box('mdat', [3, 3, 3]), ...box('moov', [4]));

  it('stand behind the list of contents, which is as much longer', () => {
    const after = applied(film, patchMp4(from(film), film.length, CHAPTERS));
    const moov = 10 + 11;
    expect(new DataView(after.buffer).getUint32(moov)).toBe(after.length - moov);
    // What was there stays as it was.
    expect(after.slice(0, moov)).toEqual(film.slice(0, moov));
    expect(after.slice(moov + 4, film.length)).toEqual(film.slice(moov + 4));
    const text = new TextDecoder('latin1').decode(after.slice(film.length));
    expect(text.slice(4, 8)).toBe('udta');
    expect(text).toContain('The post house');
  });

  it('are as many and as long as a byte can count, with no sign cut in two', () => {
    const many = Array.from({ length: 300 }, (_, n) => ({
      startSeconds: n,
      endSeconds: n + 1,
      text: 'ü'.repeat(200),
    }));
    const [, patch] = patchMp4(from(film), film.length, many);
    // Box in box, version, a place, the count: then eight bytes of time and a length before each name.
    expect(patch!.bytes[16 + 8]).toBe(255);
    expect(patch!.bytes[16 + 9 + 8]).toBe(254);
    expect(new TextDecoder('utf-8', { fatal: true }).decode(patch!.bytes.slice(34, 34 + 254))).toBe(
      'ü'.repeat(127),
    );
  });

  it('are refused where the list of contents is not last', () => {
    const other = bytesOf(...box('moov', [4]), ...box('mdat', [3]));
    for (const bytes of [other, bytesOf(), bytesOf(0, 0, 0, 2, 1, 1, 1, 1), film.slice(0, -1)]) {
      expect(() => patchMp4(from(bytes), bytes.length, CHAPTERS)).toThrow(RangeError);
    }
  });
});

describe('chapters in WebM', () => {
  const size = (length: number) => [0x40 | (length >> 8), length & 255];
  const TAGS = [0x12, 0x54, 0xc3, 0x67];
  const webm = (place: number) => {
    const seek = [0x11, 0x4d, 0x9b, 0x74, ...size(7), 0x53, 0xab, 0x84, ...TAGS];
    const tags = [...TAGS, ...size(place), ...new Array<number>(place).fill(32)];
    const inside = [...seek, ...tags, 0x1f, 0x43, 0xb6, 0x75, 0x80];
    const head = [0x1a, 0x45, 0xdf, 0xa3, 0x82, 1, 2];
    return bytesOf(...head, 0x18, 0x53, 0x80, 0x67, ...size(inside.length), ...inside);
  };

  it('take the place of the tags to the byte, in the list of contents too', () => {
    const film = webm(placeForChapters(CHAPTERS));
    const after = applied(film, patchWebm(from(film), CHAPTERS));
    expect(after).toHaveLength(film.length);
    const text = (bytes: Uint8Array) => new TextDecoder('latin1').decode(bytes);
    const tags = String.fromCharCode(...TAGS);
    expect(text(film).split(tags)).toHaveLength(3);
    expect(text(after)).not.toContain(tags);
    expect(text(after).split(String.fromCharCode(0x10, 0x43, 0xa7, 0x70))).toHaveLength(3);
    // The first cluster stands where it stood.
    expect(after.slice(-5)).toEqual(film.slice(-5));
  });

  it('are refused where there is no place, or no film', () => {
    for (const film of [webm(10), webm(0).slice(0, 20), bytesOf(), bytesOf(0, 0, 0)]) {
      expect(() => patchWebm(from(film), CHAPTERS)).toThrow(RangeError);
    }
  });
});
