import { unzlibSync } from 'fflate';

/** What printing needs to know of a font: which signs it has, and how wide each is. */
export type FontFacts = Readonly<{
  has: (codePoint: number) => boolean;
  /** Width of a sign in ems; that of the missing sign where the font does not have it. */
  emsOf: (codePoint: number) => number;
}>;

type Table = DataView;

const tagAt = (view: DataView, at: number) =>
  String.fromCharCode(...[0, 1, 2, 3].map((n) => view.getUint8(at + n)));

const viewOf = (bytes: Uint8Array) =>
  new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);

/** A table as its file's directory has it: its tag and checksum as they stand there, and its bytes, unpacked. */
type Entry = Readonly<{ tag: string; at: number; sumAt: number; unpacked: () => Uint8Array }>;

const isWoff = (view: DataView) => tagAt(view, 0) === 'wOFF';

/** The directory of a TrueType file, or of a WOFF 1 file, whose tables are packed each for itself. */
function directoryOf(bytes: Uint8Array): readonly Entry[] {
  const view = viewOf(bytes);
  const woff = isWoff(view);
  const [start, size] = woff ? [44, 20] : [12, 16];
  return Array.from({ length: view.getUint16(woff ? 12 : 4) }, (_, n): Entry => {
    const at = start + n * size;
    const offset = view.getUint32(at + (woff ? 4 : 8));
    const packed = view.getUint32(at + (woff ? 8 : 12));
    const whole = woff ? view.getUint32(at + 12) : packed;
    const slice = bytes.subarray(offset, offset + packed);
    const unpacked = () => (packed < whole ? unzlibSync(slice) : slice);
    return { tag: tagAt(view, at), at, sumAt: at + (woff ? 16 : 4), unpacked };
  });
}

function tablesOf(bytes: Uint8Array): ReadonlyMap<string, () => Table> {
  return new Map(directoryOf(bytes).map(({ tag, unpacked }) => [tag, () => viewOf(unpacked())]));
}

/** Signs to glyphs by the best Unicode map of the file (OpenType 1.9, cmap formats 4 and 12). */
function glyphsOf(cmap: Table): ReadonlyMap<number, number> {
  const glyphs = new Map<number, number>();
  const count = cmap.getUint16(2);
  const maps = Array.from({ length: count }, (_, n) => cmap.getUint32(4 + n * 8 + 4)).filter(
    (at) => cmap.getUint16(at) === 4 || cmap.getUint16(at) === 12,
  );
  for (const at of new Set(maps)) {
    if (cmap.getUint16(at) === 12) {
      const groups = cmap.getUint32(at + 12);
      for (let n = 0; n < groups; n += 1) {
        const [from, to, glyph] = [0, 4, 8].map((k) => cmap.getUint32(at + 16 + n * 12 + k));
        for (let code = from!; code <= to!; code += 1) glyphs.set(code, glyph! + code - from!);
      }
      continue;
    }
    const segments = cmap.getUint16(at + 6) / 2;
    const column = (k: number, n: number) => at + 14 + k * segments * 2 + (k > 0 ? 2 : 0) + n * 2;
    for (let n = 0; n < segments; n += 1) {
      const to = cmap.getUint16(column(0, n));
      const from = cmap.getUint16(column(1, n));
      const delta = cmap.getUint16(column(2, n));
      const rangeAt = column(3, n);
      const range = cmap.getUint16(rangeAt);
      for (let code = from; code <= to && code < 0xffff; code += 1) {
        const inRange = range === 0 ? code : cmap.getUint16(rangeAt + range + (code - from) * 2);
        const glyph = inRange === 0 && range !== 0 ? 0 : (inRange + delta) & 0xffff;
        if (glyph > 0) glyphs.set(code, glyph);
      }
    }
  }
  return glyphs;
}

/**
 * The facts of a font in a TrueType or WOFF 1 file. Throws a RangeError for a file that is neither:
 * the fonts ship with the application.
 */
export function readFont(bytes: Uint8Array): FontFacts {
  const tables = tablesOf(bytes);
  const table = (tag: string) => {
    const read = tables.get(tag);
    if (!read) throw new RangeError(`readFont: no table ${tag}`);
    return read();
  };
  const unitsPerEm = table('head').getUint16(18);
  const measured = table('hhea').getUint16(34);
  const widths = table('hmtx');
  const glyphs = glyphsOf(table('cmap'));
  return {
    has: (codePoint) => glyphs.has(codePoint),
    emsOf: (codePoint) => {
      const glyph = Math.min(glyphs.get(codePoint) ?? 0, measured - 1);
      return widths.getUint16(glyph * 4) / unitsPerEm;
    },
  };
}

/**
 * The same font as a plain TrueType file: a WOFF 1 file with its tables unpacked (W3C WOFF 1.0, section
 * 3), so that whoever reads it need not unpack them each time. A TrueType file is given back as it is.
 */
export function asTrueType(bytes: Uint8Array): Uint8Array {
  const from = viewOf(bytes);
  if (!isWoff(from)) return bytes;
  const rows = directoryOf(bytes).map((entry) => ({ ...entry, table: entry.unpacked() }));
  const count = rows.length;
  const padded = (length: number) => (length + 3) & ~3;
  const start = 12 + count * 16;
  const size = rows.reduce((sum, { table }) => sum + padded(table.length), start);
  const out = new Uint8Array(size);
  const to = viewOf(out);
  to.setUint32(0, from.getUint32(4));
  to.setUint16(4, count);
  // Numbers for a search by halves: OpenType 1.9, table directory.
  const power = 2 ** Math.floor(Math.log2(count));
  [power * 16, Math.log2(power), (count - power) * 16].forEach((value, n) =>
    to.setUint16(6 + n * 2, value),
  );
  let offset = start;
  rows.forEach(({ at, sumAt, table }, n) => {
    const row = 12 + n * 16;
    [from.getUint32(at), from.getUint32(sumAt), offset, table.length].forEach((value, k) =>
      to.setUint32(row + k * 4, value),
    );
    out.set(table, offset);
    offset += padded(table.length);
  });
  return out;
}
