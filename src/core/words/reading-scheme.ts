import { entryOf } from './entry-of';
import { phonemesOf, type SoundBook } from './phonemes';

/**
 * The sound that a letter, or letters written together, make in a first reading scheme, as ARPAbet
 * phonemes, and whether words begin or end with it. Short vowels, hard c and g, as in the UK's
 * Letters and Sounds (2007), phase 2 (from memory); "o" has two, for the dictionary is American.
 */
const SOUNDS: Readonly<Record<string, readonly ['begins' | 'ends', ...(readonly string[])]>> = {
  a: ['begins', 'AE'],
  b: ['begins', 'B'],
  c: ['begins', 'K'],
  d: ['begins', 'D'],
  e: ['begins', 'EH'],
  f: ['begins', 'F'],
  g: ['begins', 'G'],
  h: ['begins', 'HH'],
  i: ['begins', 'IH'],
  j: ['begins', 'JH'],
  k: ['begins', 'K'],
  l: ['begins', 'L'],
  m: ['begins', 'M'],
  n: ['begins', 'N'],
  o: ['begins', 'AA', 'AO'],
  p: ['begins', 'P'],
  q: ['begins', 'K W'],
  r: ['begins', 'R'],
  s: ['begins', 'S'],
  t: ['begins', 'T'],
  u: ['begins', 'AH'],
  v: ['begins', 'V'],
  w: ['begins', 'W'],
  x: ['ends', 'K S'],
  y: ['begins', 'Y'],
  z: ['begins', 'Z'],
  ck: ['ends', 'K'],
  ff: ['ends', 'F'],
  ll: ['ends', 'L'],
  ss: ['ends', 'S'],
  ch: ['begins', 'CH'],
  sh: ['begins', 'SH'],
  th: ['begins', 'TH', 'DH'],
};

/** Phase 2 sets in order. Letters and Sounds (2007), from memory. */
export const LETTER_SETS: readonly (readonly string[])[] = [
  ['s', 'a', 't', 'p'],
  ['i', 'n', 'm', 'd'],
  ['g', 'o', 'c', 'k'],
  ['ck', 'e', 'u', 'r'],
  ['h', 'b', 'f', 'ff', 'l', 'll', 'ss'],
];

const withoutMarks = (text: string) => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');
const plainLetter = (letter: string) => withoutMarks(letter).trim();
const firstWord = (text: string) => /[\p{L}']+/u.exec(withoutMarks(text))?.[0] ?? '';
/** Letters of other languages, ä, é, ñ or ø, have sounds of their own. */
const isOfAnotherLanguage = (text: string) => /[^\p{ASCII}’]/u.test(text.trim());

const soundOf = (letter: string) => entryOf(SOUNDS, plainLetter(letter));

/** A letter, or letters that make one sound together. */
export function isOneSound(letters: string): boolean {
  return [...letters].length === 1 || soundOf(letters) !== undefined;
}

/** Whether a picture word is written with the letter where its sound belongs. */
export function isWrittenWith(letter: string, word: string): boolean {
  const plain = plainLetter(letter);
  const first = firstWord(word);
  if (plain === '' || first === '') return false;
  return soundOf(plain)?.[0] === 'ends' ? first.endsWith(plain) : first.startsWith(plain);
}

/**
 * Whether a picture word has its letter's sound: true, false, or null where the letter has none
 * here, as letters of other languages and regions have not, or the book does not know the word.
 */
export function hasSoundOf(letter: string, word: string, book: SoundBook): boolean | null {
  if (isOfAnotherLanguage(letter) || isOfAnotherLanguage(word)) return null;
  const sounds = soundOf(letter);
  const phonemes = phonemesOf(firstWord(word), book)?.map((one) => one.replace(/\d/u, ''));
  if (!sounds || !phonemes) return null;
  const [where, ...list] = sounds;
  return list.some((sound) => {
    const wanted = sound.split(' ');
    const from = where === 'begins' ? 0 : phonemes.length - wanted.length;
    return wanted.every((one, n) => phonemes[from + n] === one);
  });
}
