import { unknownMove } from '../moves/unknown-move';
import type { Move } from '../model/move';
import { wordsToDigits } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import type { DoseRead } from './dose-reader';

/** Words of a story or a sentence: what has one of them is no name of a move. */
const TALK: ReadonlySet<string> = new Set(
  'is are was were be am will would can could shall should have has had do does did they he she it who what which where when why how this that these those there here i me my mine you your our us we him her them said say saying if but or because so not no yes who whose than of with by from little last first'.split(
    ' ',
  ),
);
/** Longest name of a move that nobody knows, in words. */
const MOST_WORDS = 3;
const MOST_BARE_WORDS = 2;

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
  if (!isName(words, MOST_WORDS) || /[.!?]\s*$/u.test(text)) return null;
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
  if (/[.!?]["”’']*\s*$/u.test(text)) return null;
  if (!isName(unread, hasUnit ? MOST_WORDS : MOST_BARE_WORDS)) return null;
  return unknownMove(asTyped(unread, text));
}
