import { unknownMove } from '../moves/unknown-move';
import { MAX_NAME } from '../model/action';
import type { Move } from '../model/move';
import { wordsToDigits } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import type { DoseRead } from './dose-reader';
import { asTyped } from './typed-words';

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
  const typed = asTyped(unread, text) || unread.join(' ');
  // A number alone counts things: "10 gorilla thumps", not "one and a half".
  if (!hasUnit && !/s$/iu.test(typed)) return null;
  return unknownMove(typed);
}

/** Small words within a name that say nothing by themselves: "climb up the mountain". */
const IN_NAMES: ReadonlySet<string> = new Set(
  'a an the up down out off of your my his her their over under with to into round'.split(' '),
);
/** So much of it is said in a unit: there is no doubt that it is to be done. */
const MOST_NAME_WORDS = 4;

/**
 * Words left over beside a known move that may belong to its name: two in front of it, or, where so much
 * of it is said in a unit, a few anywhere: "Leo jumps 5 times", "dodge the raindrops 20 s".
 */
export function mayBeName(
  { dose, openAmounts, unread }: DoseRead,
  text: string,
  isInFront: boolean,
): boolean {
  if (isSentence(text)) return false;
  const words = unread.filter((word) => !IN_NAMES.has(word));
  const isPlain = /^\s*[\p{Ll}\d]/u.test(text);
  const hasUnit = dose.amounts !== undefined || /\btimes\b/iu.test(text);
  if (hasUnit && !text.includes(','))
    return isName(words, MOST_NAME_WORDS) || (words.length === 0 && unread.length > 0);
  const isSaid = hasUnit || (openAmounts !== null && isPlain);
  return isInFront && isSaid && isName(unread, MOST_BARE_WORDS);
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
    .slice(0, MAX_NAME);
}
