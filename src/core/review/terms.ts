import { distance } from 'fastest-levenshtein';
import { stemmer } from 'stemmer';
import { textInDigits } from '../words/numbers';

/** Words that tell nothing of where one is. */
const EMPTY = new Set(
  (
    'a about after again all also am an and any are as at back be been before but by can come could do does ' +
    'done down for from get go going gonna good got had has have he her here his how i if im in into is it its ' +
    'just keep know let lets like little look make many me more much my nice no not now of off oh ok okay on ' +
    'or our out over really see she so some that thats the their them then there these they theyre ' +
    'thing this those to too um uh up us very was way we well were what when where which who will with would ' +
    'yeah yes you your youre weve everybody everyone ready gonna want think because dont cant thank'
  ).split(' '),
);

const stems = new Map<string, string>();

/** The stem of a word: "jumping", "jumps" and "jump" are one. */
function stemOf(word: string): string {
  const known = stems.get(word);
  if (known !== undefined) return known;
  if (stems.size > 20_000) stems.clear();
  const stem = stemmer(word);
  stems.set(word, stem);
  return stem;
}

/** A word as it is compared, or null for one that tells nothing: numbers are counted apart. */
export function termOf(word: string): string | null {
  return EMPTY.has(word) || word === '' || /^\d+$/u.test(word) ? null : stemOf(word);
}

/** The telling words of a text as they are compared, in order. */
export function termsOf(text: string): readonly string[] {
  return textInDigits(text)
    .split(' ')
    .flatMap((word) => termOf(word) ?? []);
}

/** Two words side by side, as one thing to listen for. */
export const pairOf = (first: string, second: string) => `${first} ${second}`;

/** From this length on a word may be heard wrongly, in so many of its letters. */
const LONG_ENOUGH = 4;
const WRONG_SHARE = 0.26;

/**
 * For each word that was said, the words of the script that it may be: itself, or where the script has
 * none such, those that a machine may have heard it as, by the edits between them (Levenshtein).
 */
export function heardAs(
  said: Iterable<string>,
  script: Iterable<string>,
): ReadonlyMap<string, readonly string[]> {
  const known = new Set(script);
  const byLength = new Map<number, string[]>();
  for (const word of known) {
    const list = byLength.get(word.length);
    if (list) list.push(word);
    else byLength.set(word.length, [word]);
  }
  const found = new Map<string, readonly string[]>();
  for (const word of new Set(said)) {
    if (known.has(word)) found.set(word, [word]);
    else if (word.length >= LONG_ENOUGH && !/^\d/u.test(word)) {
      const most = Math.floor(word.length * WRONG_SHARE);
      const near: string[] = [];
      for (let length = word.length - most; length <= word.length + most; length += 1) {
        for (const other of byLength.get(length) ?? []) {
          if (other.length >= LONG_ENOUGH && distance(word, other) <= most) near.push(other);
        }
      }
      if (near.length > 0) found.set(word, near);
    }
  }
  return found;
}
