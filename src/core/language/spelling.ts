import type { MoveFinder } from '../moves/move-finder';
import { REAL_WORDS } from './lexicon';
import { plainWords } from '../words/plain-words';

/** Shorter words are too like others: "hop", "hope". */
const SHORTEST = 4;
/** From so many letters on a wrong letter is a slip too; in shorter ones it is another word. */
const LONG = 6;

/** The words of all names of moves, by the book that they stand in. */
const known = new WeakMap<MoveFinder, ReadonlySet<string>>();

function wordsIn(finder: MoveFinder): ReadonlySet<string> {
  let words = known.get(finder);
  if (!words) {
    words = new Set([...finder.keys()].flatMap((name) => name.split(' ')));
    known.set(finder, words);
  }
  return words;
}

/** One letter left out, put in twice or too many, changed over with the next, or, in a long word, wrong. */
export function isSlip(typed: string, meant: string): boolean {
  if (typed[0] !== meant[0] || Math.abs(typed.length - meant.length) > 1) return false;
  let from = 0;
  while (from < typed.length && typed[from] === meant[from]) from += 1;
  const [left, right] = [typed.slice(from), meant.slice(from)];
  if (left.length !== right.length) {
    const [long, short] = left.length > right.length ? [left, right] : [right, left];
    return long.slice(1) === short;
  }
  const isSwapped =
    left.slice(2) === right.slice(2) && left[0] === right[1] && left[1] === right[0];
  return isSwapped || (typed.length >= LONG && left.slice(1) === right.slice(1));
}

/**
 * A line with its slips mended: words that are nearly one of a move's name and no word of any. Null
 * where there are none, or where a word could be one of two.
 */
export function respelled(line: string, finder: MoveFinder): string | null {
  const words = wordsIn(finder);
  let mended = false;
  const text = line.replace(/\p{L}+/gu, (typed) => {
    const [plain = ''] = plainWords(typed);
    if (plain.length < SHORTEST || words.has(plain) || REAL_WORDS.has(plain)) return typed;
    const meant = [...words].filter((word) => word.length >= SHORTEST - 1 && isSlip(plain, word));
    if (meant.length !== 1) return typed;
    mended = true;
    return typed.toLowerCase().replace(plain, meant[0]!);
  });
  return mended ? text : null;
}
