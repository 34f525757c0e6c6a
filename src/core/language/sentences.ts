import { findMove, type MoveFinder } from '../moves/move-finder';
import { plainWords } from '../words/plain-words';
import { ASKS, COMPANY } from './lexicon';
import { strippedOf } from './typed-words';

const END = /[\s"”’')]*[.!?]+[\s"”’')]*$/u;
const ASK = new RegExp(String.raw`^\s*(?:${ASKS.join('|')})\b[\s,:]*`, 'iu');
const WITH = new RegExp(String.raw`[\s,]+(?:${COMPANY})\s*$`, 'iu');
/** Longest way of calling somebody: "my little lions". */
const MOST_CALLED = 3;

/** "March, soldiers": who is called is no part of what is done; in front as well as behind. */
function withoutCalled(text: string, finder: MoveFinder): string {
  const pieces = text.split(/,\s*/u);
  if (pieces.length < 2) return text;
  const isCalled = (piece: string) => {
    const words = plainWords(piece);
    return words.length <= MOST_CALLED && !/\d/u.test(piece) && !findMove(finder, words);
  };
  if (isCalled(pieces.at(-1)!)) return pieces.slice(0, -1).join(', ');
  return isCalled(pieces[0]!) ? pieces.slice(1).join(', ') : text;
}

/** What a sentence asks for, without how it asks and whom: "march" of "March with me, soldiers!". */
export function askedFor(sentence: string, finder: MoveFinder): string {
  const asked = withoutCalled(sentence.replace(END, ''), finder).replace(ASK, '');
  return strippedOf(asked, WITH).trim();
}
