/**
 * Words to their phonemes in ARPAbet with stress marks, as the CMU Pronouncing Dictionary has
 * them. Passed in: it is near a megabyte and American; callers load it when sounds are wanted.
 */
export type SoundBook = Readonly<Record<string, string>>;

/** Shorter beginnings of a word say too little about how it sounds. */
const SHORTEST_BEGINNING = 3;

const wordsOf = (text: string) => text.toLowerCase().match(/[a-z']+/gu) ?? [];
const plain = (phoneme: string) => phoneme.replace(/\d/u, '');

/** Phonemes of one word; null if the book has neither it nor its singular. */
export function phonemesOf(word: string, book: SoundBook): readonly string[] | null {
  const key = word.toLowerCase();
  const found = Object.hasOwn(book, key) ? book[key] : undefined;
  return found?.split(' ') ?? null;
}

/**
 * First phoneme of the first word, without stress: `N` for "knight", `JH` for "giraffe". A word
 * that the book lacks is heard by its longest known beginning of three letters or more ("reedfen"
 * by "reed"). Null for text without a word, or with one that is nowhere near the book.
 */
export function firstSound(text: string, book: SoundBook): string | null {
  const word = wordsOf(text)[0];
  if (word === undefined) return null;
  for (let end = word.length; end >= Math.min(word.length, SHORTEST_BEGINNING); end -= 1) {
    const phonemes = phonemesOf(word.slice(0, end), book);
    if (phonemes) return plain(phonemes[0]!);
  }
  return null;
}

/** What rhymes: the phonemes from the last stressed vowel of the last word on; null if unknown. */
export function rhymeOf(text: string, book: SoundBook): string | null {
  const phonemes = phonemesOf(wordsOf(text).at(-1) ?? '', book);
  if (!phonemes) return null;
  const stressed = phonemes.findLastIndex((one) => /[12]$/u.test(one));
  return stressed < 0 ? null : phonemes.slice(stressed).map(plain).join(' ');
}

/** Two different words that end alike: "boat" and "float", but not "float" and "float". */
export function rhymes(one: string, other: string, book: SoundBook): boolean {
  const [a, b] = [wordsOf(one).at(-1), wordsOf(other).at(-1)];
  if (a === undefined || b === undefined || a.endsWith(b) || b.endsWith(a)) return false;
  const rhyme = rhymeOf(a, book);
  return rhyme !== null && rhyme === rhymeOf(b, book);
}

/** Sounds that words begin with, as a presenter would write them, each with a word that has it. */
export const SOUND_WORDS: Readonly<Record<string, readonly [string, string]>> = {
  AA: ['o', 'otter'],
  AE: ['a', 'apple'],
  AH: ['u', 'up'],
  AO: ['or', 'orchard'],
  AW: ['ow', 'owl'],
  AY: ['i', 'ice'],
  B: ['b', 'boat'],
  CH: ['ch', 'cheese'],
  D: ['d', 'duck'],
  DH: ['th', 'this'],
  EH: ['e', 'egg'],
  ER: ['er', 'earth'],
  EY: ['ay', 'acorn'],
  F: ['f', 'frog'],
  G: ['g', 'goat'],
  HH: ['h', 'heron'],
  IH: ['i', 'ink'],
  IY: ['ee', 'eel'],
  JH: ['j', 'jug'],
  K: ['k', 'kite'],
  L: ['l', 'lamp'],
  M: ['m', 'marsh'],
  N: ['n', 'nest'],
  OW: ['oh', 'oak'],
  OY: ['oy', 'oyster'],
  P: ['p', 'punt'],
  R: ['r', 'reed'],
  S: ['s', 'seed'],
  SH: ['sh', 'sheep'],
  T: ['t', 'tower'],
  TH: ['th', 'thistle'],
  UW: ['oo', 'ooze'],
  V: ['v', 'van'],
  W: ['w', 'water'],
  Y: ['y', 'yard'],
  Z: ['z', 'zigzag'],
};
