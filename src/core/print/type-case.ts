import { readFont, type FontFacts } from './font-file';

/** The faces that are printed with: for reading, for reading with weight, for headings. */
export const FACES = ['text', 'strong', 'heading'] as const;
export type Face = (typeof FACES)[number];

/** Font files of a face, in the order in which a sign is looked for in them. */
export type FontFile = Readonly<{ name: string; bytes: Uint8Array }>;
export type FontFiles = Readonly<Record<Face, readonly FontFile[]>>;

/** A stretch of text that one font can print. */
export type Stretch = Readonly<{ font: string; text: string }>;

/** What is printed for a sign that no font has. */
export const MISSING_SIGN = '\u25a1';

/** The face for words with a count in them: its noughts have no slash. */
export const faceOfCount = (words: string): Face => (/\d/u.test(words) ? 'strong' : 'text');

/** A sign of a text in the font that has it. */
type Placed = Readonly<{ font: FontFile & { facts: FontFacts }; sign: string; code: number }>;

/** A word in its fonts, the width of each sign in ems, and its signs that no font has. */
type Word = Readonly<{
  placed: readonly Placed[];
  widths: readonly number[];
  missing: readonly string[];
}>;

/** Marks that change the sign before them, and nothing by themselves. */
const INVISIBLE = /[\p{Default_Ignorable_Code_Point}\p{Cc}]/u;

/** Spreads text over fonts, and measures it. */
export class TypeCase {
  readonly files: readonly FontFile[];
  readonly #fonts: Readonly<Record<Face, readonly (FontFile & { facts: FontFacts })[]>>;
  /** Signs that were asked for and that no font has. */
  readonly missing = new Set<string>();
  /** Words that were looked up: a line is measured anew with each word that is put behind it. */
  readonly #words: Readonly<Record<Face, Map<string, Word>>> = {
    text: new Map(),
    strong: new Map(),
    heading: new Map(),
  };

  constructor(files: FontFiles) {
    const facts = new Map<string, FontFacts>();
    const read = (file: FontFile) => {
      const known = facts.get(file.name) ?? readFont(file.bytes);
      facts.set(file.name, known);
      return { ...file, facts: known };
    };
    this.#fonts = {
      text: files.text.map(read),
      strong: files.strong.map(read),
      heading: files.heading.map(read),
    };
    const byName = new Map(FACES.flatMap((face) => files[face]).map((file) => [file.name, file]));
    this.files = [...byName.values()];
  }

  #place(face: Face, sign: string, isInCount: boolean): Placed | null {
    const code = sign.codePointAt(0)!;
    const fonts = this.#fonts[face];
    const font = (isInCount ? [...fonts].reverse() : fonts).find(({ facts }) => facts.has(code));
    return font ? { font, sign, code } : null;
  }

  #missingIn(face: Face): Placed {
    const code = MISSING_SIGN.codePointAt(0)!;
    const fonts = this.#fonts[face];
    const font = fonts.find(({ facts }) => facts.has(code)) ?? fonts[0]!;
    return { font, sign: MISSING_SIGN, code };
  }

  /** Each sign in its font. Counts in strong print have noughts without a slash: children read them. */
  #lookUp(face: Face, word: string): Word {
    const isInCount = face === 'strong' && /\d/u.test(word);
    const missing: string[] = [];
    const placed = [...word]
      .filter((sign) => !INVISIBLE.test(sign))
      .map((sign) => {
        const found = this.#place(face, sign, isInCount && sign !== ' ');
        if (!found) missing.push(sign);
        return found ?? this.#missingIn(face);
      });
    const widths = placed.map(({ font, code }) => font.facts.emsOf(code));
    return { placed, widths, missing };
  }

  #wordsOf(face: Face, text: string): readonly Word[] {
    const words = text
      .normalize('NFC')
      .replace(/\s/gu, ' ')
      .split(/(?<= )/u);
    const known = this.#words[face];
    return words.map((word) => {
      const found = known.get(word) ?? this.#lookUp(face, word);
      known.set(word, found);
      for (const sign of found.missing) this.missing.add(sign);
      return found;
    });
  }

  /** The text in stretches of one font each. */
  stretches(face: Face, text: string): readonly Stretch[] {
    const stretches: { font: string; text: string }[] = [];
    for (const { font, sign } of this.#wordsOf(face, text).flatMap(({ placed }) => placed)) {
      const last = stretches.at(-1);
      // A space goes with what it follows, so that words stay whole.
      if (last && (last.font === font.name || sign === ' ')) last.text += sign;
      else stretches.push({ font: font.name, text: sign });
    }
    return stretches;
  }

  /** The width of the text in ems, without kerning. */
  ems(face: Face, text: string): number {
    let sum = 0;
    for (const { widths } of this.#wordsOf(face, text)) for (const width of widths) sum += width;
    return sum;
  }

  /**
   * The text in lines no wider than `widthMm`, in type of `sizeMm` or as much smaller as it must be
   * for no more than `mostLines`; a word too long for a line is broken. Never smaller than
   * `leastMm`: what does not fit then ends in an ellipsis.
   */
  fit(
    face: Face,
    text: string,
    { widthMm, sizeMm, leastMm, mostLines }: FitBox,
  ): Readonly<{ sizeMm: number; lines: readonly string[] }> {
    for (let size = sizeMm; ; size = Math.max(leastMm, size * 0.93)) {
      const lines = this.#wrap(face, text, widthMm / size, size <= leastMm);
      if (lines && lines.length <= mostLines) return { sizeMm: size, lines };
      if (size <= leastMm) {
        const kept = (lines ?? []).slice(0, mostLines);
        const last = kept.length - 1;
        return {
          sizeMm: size,
          lines: kept.map((l, n) => (n < last ? l : this.#ended(face, l, widthMm / size))),
        };
      }
    }
  }

  /** As much of a line as has room with an ellipsis behind it. */
  #ended(face: Face, line: string, widthEms: number): string {
    let kept = line;
    while (kept !== '' && this.ems(face, `${kept}…`) > widthEms) kept = kept.slice(0, -1);
    return `${kept.trimEnd()}…`;
  }

  /** Null where a word is too long for a line and may not be broken. */
  #wrap(face: Face, text: string, widthEms: number, mayBreak: boolean): string[] | null {
    const lines: string[] = [];
    const room = (line: string) => this.ems(face, line) <= widthEms;
    for (const word of text.trim().split(/\s+/u).filter(Boolean)) {
      const last = lines.at(-1);
      if (last !== undefined && room(`${last} ${word}`)) {
        lines[lines.length - 1] = `${last} ${word}`;
        continue;
      }
      if (room(word)) {
        lines.push(word);
        continue;
      }
      if (!mayBreak) return null;
      let piece = '';
      for (const sign of word) {
        if (piece && !room(piece + sign)) {
          lines.push(piece);
          piece = '';
        }
        piece += sign;
      }
      if (piece) lines.push(piece);
    }
    return lines;
  }
}

export type FitBox = Readonly<{
  widthMm: number;
  sizeMm: number;
  leastMm: number;
  mostLines: number;
}>;
