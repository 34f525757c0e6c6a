import { unknownMove } from '../moves/unknown-move';
import type { Move } from '../model/move';
import { wordsToDigits } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import type { DoseRead } from './dose-reader';

/** Words of a story or a sentence: what has one of them is no name of a move. */
const TALK: ReadonlySet<string> = new Set(
  'is are was were be am will would can could shall should have has had do does did they he she it who what which where when why how this that these those there here i me my mine you your our us we him her them said say saying if but or because so not no yes who whose than of with by from little last first half more most many much all'.split(
    ' ',
  ),
);
/** Longest name of a move that nobody knows, in words. */
const MOST_WORDS = 3;
const MOST_BARE_WORDS = 2;

const SENTENCE_END = /[.!?]["”’']*\s*$/u;
/** It ends as a sentence does: it is told, where it gives no amount. */
export const isSentence = (text: string) => SENTENCE_END.test(text);

const isName = (words: readonly string[], most: number) =>
  words.length > 0 &&
  words.length <= most &&
  words.every((word) => /^\p{L}[\p{L}'-]+$/u.test(word) && !TALK.has(word));

/** The words as they were typed. */
function asTyped(words: readonly string[], text: string): string {
  const pattern = words.map((word) => `${word}\\p{L}*`).join('[\\s-]+');
  return new RegExp(pattern, 'iu').exec(text)?.[0] ?? words.join(' ');
}

/** A name alone that is no known move: "gorilla thumps"; null for a sentence. */
export function unknownNamed(text: string): Move | null {
  const words = plainWords(text.replace(/[.,;!?]/gu, ' '));
  if (!isName(words, MOST_WORDS) || isSentence(text)) return null;
  return wordsToDigits(words).some((word) => /\d/u.test(word)) ? null : unknownMove(text.trim());
}

/**
 * So much of something that is no known move: "10 gorilla thumps", "swim 20 s". With a unit, or "times",
 * it is plainly something to do; a number alone says so in front of two words at most.
 */
export function unknownDosed(read: DoseRead, text: string): Move | null {
  const { dose, openAmounts, sets, unread } = read;
  const hasUnit =
    dose.amounts !== undefined || sets !== null || dose.ways === 2 || /\btimes\b/iu.test(text);
  const isBare = openAmounts !== null && /^\s*[\p{Ll}\d]/u.test(text);
  if (!hasUnit && !isBare) return null;
  if (isSentence(text)) return null;
  if (!isName(unread, hasUnit ? MOST_WORDS : MOST_BARE_WORDS)) return null;
  const typed = asTyped(unread, text);
  // A number alone counts things: "10 gorilla thumps", not "one and a half".
  if (!hasUnit && !/s$/iu.test(typed)) return null;
  return unknownMove(typed);
}

/** Words left over beside a known move that may belong to its name: two at most, and so much of it. */
export function mayBeName({ dose, openAmounts, unread }: DoseRead, text: string): boolean {
  const hasAmount = dose.amounts !== undefined || openAmounts !== null;
  if (!hasAmount || !/^\s*[\p{Ll}\d]/u.test(text) || isSentence(text)) return false;
  return isName(unread, MOST_BARE_WORDS);
}

/** The part of a text from the first of these words to the last, as it was typed, without numbers. */
export function spanTyped(words: readonly string[], text: string): string {
  const spans = words.flatMap((word) => {
    const found = new RegExp(`${word}\\p{L}*`, 'iu').exec(text);
    return found ? [[found.index, found.index + found[0].length] as const] : [];
  });
  if (spans.length === 0) return '';
  const from = Math.min(...spans.map(([start]) => start));
  const to = Math.max(...spans.map(([, end]) => end));
  return text
    .slice(from, to)
    .replace(/\b\d+\b/gu, ' ')
    .replace(/\s+/gu, ' ')
    .trim()
    .slice(0, 80);
}
