import { plainWords } from '../words/plain-words';

/** A text without all that a pattern takes off, one after another. */
export function strippedOf(text: string, pattern: RegExp): string {
  const rest = text.replace(pattern, '');
  return rest === text ? text : strippedOf(rest, pattern);
}

/** A text as a part of a pattern that matches it. */
export const escaped = (word: string) => word.replace(/[.*+?^${}()|[\]\\]/gu, String.raw`\$&`);
/** A plain word in any form that it is typed in: "child" is also "child's". */
const anyForm = (word: string) => String.raw`${escaped(word)}[\p{L}’']*`;

const BETWEEN = String.raw`[\s,-]+(?:(?:your|the|our|my)\s+)?`;

/**
 * A row of plain words as it was typed, "tap your knees" for "tap knees" too; empty where the text does
 * not have them in a row.
 */
export function asTyped(words: readonly string[], text: string): string {
  const known = words.filter((word) => word !== ',');
  const pattern = known.map(anyForm).join(BETWEEN);
  return new RegExp(String.raw`(?<!\p{L})${pattern}`, 'iu').exec(text)?.[0] ?? '';
}

/** The same words, whatever their number and their marks. */
export function isSameName(one: string, other: string): boolean {
  return plainWords(one).join(' ') === plainWords(other).join(' ');
}
