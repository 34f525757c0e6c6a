import { strFromU8, strToU8 } from 'fflate';
import type { Caption } from '../webvtt/webvtt';

/*
 * Chapters inside a film, which the muxing package doesn't write. Both are put where nothing has to
 * move for them: in WebM over a place that was kept free in its head, in MP4 behind what is last.
 * Sources: RFC 8794 (EBML), RFC 9559 (Matroska, elements and their numbers), ISO/IEC 14496-12 (boxes);
 * the box `chpl` is not standard, and is what most players and editors read.
 */

/** Bytes that take the place of those at `at`. */
export type Patch = Readonly<{ at: number; bytes: Uint8Array<ArrayBuffer> }>;
/** Reads a part of the film; shorter at its end. */
export type ReadPart = (from: number, length: number) => Uint8Array;

const utf8 = (text: string) => strToU8(text);

function joined(parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const all = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

/** A whole number in so many bytes, the highest first. */
function inBytes(value: number, length: number): Uint8Array {
  const bytes = new Uint8Array(length);
  let rest = value;
  for (let n = length - 1; n >= 0; n -= 1) {
    bytes[n] = rest % 256;
    rest = Math.floor(rest / 256);
  }
  return bytes;
}

const EBML = {
  segment: 0x18538067,
  seekHead: 0x114d9b74,
  tags: 0x1254c367,
  cluster: 0x1f43b675,
  chapters: 0x1043a770,
  edition: 0x45b9,
  atom: 0xb6,
  uid: 0x73c4,
  from: 0x91,
  to: 0x92,
  display: 0x80,
  words: 0x85,
  language: 0x437c,
  nothing: 0xec,
} as const;

const idBytes = (id: number) => inBytes(id, Math.ceil(Math.log2(id + 1) / 8));
/** Sizes are all written in eight bytes: 0x01 and seven of the number. */
const SIZE_BYTES = 8;
const sizeBytes = (size: number) => joined([new Uint8Array([0x01]), inBytes(size, SIZE_BYTES - 1)]);
const element = (id: number, ...data: readonly Uint8Array[]) => {
  const body = joined(data);
  return joined([idBytes(id), sizeBytes(body.length), body]);
};
const NANO = 1e9;
const nanoseconds = (seconds: number) => inBytes(Math.round(seconds * NANO), 8);

/** The chapters as an element of WebM. */
function webmChapters(chapters: readonly Caption[]): Uint8Array {
  const atoms = chapters.map(({ startSeconds, endSeconds, text }, n) =>
    element(
      EBML.atom,
      element(EBML.uid, inBytes(n + 1, 2)),
      element(EBML.from, nanoseconds(startSeconds)),
      element(EBML.to, nanoseconds(endSeconds)),
      element(EBML.display, element(EBML.words, utf8(text)), element(EBML.language, utf8('eng'))),
    ),
  );
  return element(EBML.chapters, element(EBML.edition, ...atoms));
}

/** The emptiest element: its id and its size. */
const LEAST_NOTHING = 1 + SIZE_BYTES;

/** How many letters a tag must have, so that these chapters fit where the tags stand. */
export const placeForChapters = (chapters: readonly Caption[]): number =>
  webmChapters(chapters).length + LEAST_NOTHING;

/** An element's id, where its data begins and how many bytes it has; null beyond the end. */
function elementAt(read: ReadPart, at: number) {
  const bytes = read(at, 12);
  const lengthOf = (first: number) => Math.clz32(first) - 23;
  const numberOf = (from: number, length: number, first: number) =>
    bytes.subarray(from + 1, from + length).reduce((sum, byte) => sum * 256 + byte, first);
  const idLength = bytes.length > 0 ? lengthOf(bytes[0]!) : 0;
  if (idLength < 1 || idLength > 4 || bytes.length < idLength + 1) return null;
  const sizeFirst = bytes[idLength]!;
  const sizeLength = lengthOf(sizeFirst);
  if (sizeLength > 8 || bytes.length < idLength + sizeLength) return null;
  return {
    id: numberOf(0, idLength, bytes[0]!),
    data: at + idLength + sizeLength,
    size: numberOf(idLength, sizeLength, sizeFirst & (0xff >> sizeLength)),
  };
}

/** Where the elements before the first cluster stand. */
function headOf(read: ReadPart): ReadonlyMap<number, { at: number; end: number }> {
  const found = new Map<number, { at: number; end: number }>();
  const first = elementAt(read, 0);
  let at = first ? first.data + first.size : 0;
  for (let one = elementAt(read, at); one && one.id !== EBML.cluster; one = elementAt(read, at)) {
    const end = one.data + one.size;
    found.set(one.id, { at, end });
    at = one.id === EBML.segment ? one.data : end;
  }
  return found;
}

/**
 * Patches that put chapters into a WebM film in the place of its tags, which must be as large as
 * `placeForChapters` says. Throws a RangeError where there is no such place.
 */
export function patchWebm(read: ReadPart, chapters: readonly Caption[]): readonly Patch[] {
  const head = headOf(read);
  const place = head.get(EBML.tags);
  const index = head.get(EBML.seekHead);
  const made = webmChapters(chapters);
  const rest = place ? place.end - place.at - made.length : -1;
  if (!place || !index || rest < LEAST_NOTHING) {
    throw new RangeError('There’s no place for chapters in this film.');
  }
  const nothing = element(EBML.nothing, new Uint8Array(rest - LEAST_NOTHING));
  const list = read(index.at, index.end - index.at).slice();
  const tags = idBytes(EBML.tags);
  const at = list.findIndex((_, n) => tags.every((byte, k) => list[n + k] === byte));
  if (at < 0) throw new RangeError('The film’s index doesn’t say where its tags are.');
  list.set(idBytes(EBML.chapters), at);
  return [
    { at: place.at, bytes: joined([made, nothing]) },
    { at: index.at, bytes: list },
  ];
}

const box = (kind: string, ...data: readonly Uint8Array[]) => {
  const body = joined(data);
  return joined([inBytes(body.length + 8, 4), utf8(kind), body]);
};

/** Times in this box are in units of a tenth of a microsecond. */
const TICKS = 1e7;
const MOST_CHAPTERS = 255;
const MOST_NAME_BYTES = 255;

/** Words in so many bytes at most, no sign cut in two. */
function shortBytes(text: string): Uint8Array {
  let signs = [...text];
  while (utf8(signs.join('')).length > MOST_NAME_BYTES) signs = signs.slice(0, -1);
  return utf8(signs.join(''));
}

function mp4Chapters(chapters: readonly Caption[]): Uint8Array<ArrayBuffer> {
  const listed = chapters.slice(0, MOST_CHAPTERS);
  const rows = listed.map(({ startSeconds, text }) => {
    const name = shortBytes(text);
    return joined([inBytes(Math.round(startSeconds * TICKS), 8), inBytes(name.length, 1), name]);
  });
  const head = [inBytes(0x01000000, 4), inBytes(0, 4), inBytes(listed.length, 1)];
  return box('udta', box('chpl', ...head, ...rows));
}

/**
 * Patches that put chapters into an MP4 film of so many bytes, whose list of contents (`moov`) stands
 * last. Throws a RangeError where it doesn't.
 */
export function patchMp4(
  read: ReadPart,
  length: number,
  chapters: readonly Caption[],
): readonly Patch[] {
  const number = (bytes: Uint8Array) => bytes.reduce((sum, byte) => sum * 256 + byte, 0);
  let at = 0;
  while (at + 8 <= length) {
    const head = read(at, 16);
    const short = number(head.subarray(0, 4));
    const size = short === 1 ? number(head.subarray(8, 16)) : short;
    if (size < 8) break;
    if (strFromU8(head.subarray(4, 8)) === 'moov' && at + size === length && short !== 1) {
      const made = mp4Chapters(chapters);
      return [
        { at, bytes: joined([inBytes(size + made.length, 4)]) },
        { at: length, bytes: made },
      ];
    }
    at += size;
  }
  throw new RangeError('The film’s list of contents isn’t its last part.');
}
