import { plainWords } from '../words/plain-words';
import type { Move } from '../model/move';
import type { MoveBook } from './move-book';
import { alsoCalled } from './names-of';
import { together } from './together';

/** Longest name of a move, in words, that is looked for in a line. */
const LONGEST_NAME = 8;

/** Moves by every name that they go by. */
export type MoveFinder = ReadonlyMap<string, Move>;

export function makeMoveFinder(book: MoveBook): MoveFinder {
  const finder = new Map<string, Move>();
  for (const move of book.values()) {
    for (const name of [...alsoCalled(move), move.plural, move.name, move.id]) {
      finder.set(plainWords(name).join(' '), move);
    }
  }
  // Written as one word, too: "frogjumps". What is a name already keeps its move.
  for (const [name, move] of [...finder]) {
    const joined = name.replaceAll(' ', '');
    if (!finder.has(joined)) finder.set(joined, move);
  }
  return finder;
}

/** The name as it is looked for: commas within it are none of it, "sit down, stand up". */
function nameOf(words: readonly string[]): string {
  const isInside = words[0] !== ',' && words.at(-1) !== ',';
  return (isInside ? words.filter((word) => word !== ',') : words).join(' ');
}

/** A move named in a row of plain words, and where: half-open, counted from 0. */
export type FoundMove = Readonly<{ move: Move; from: number; to: number }>;
/** Moves done at the same time; `move` is all of them as one, `also` those after the first. */
export type FoundMoves = FoundMove & Readonly<{ also: readonly string[] }>;

/** The longest name of a move in `words`, the first of equally long ones; null if there is none. */
export function findMove(finder: MoveFinder, words: readonly string[]): FoundMove | null {
  for (let length = Math.min(LONGEST_NAME, words.length); length > 0; length -= 1) {
    for (let from = 0; from + length <= words.length; from += 1) {
      const move = finder.get(nameOf(words.slice(from, from + length)));
      if (move) return { move, from, to: from + length };
    }
  }
  return null;
}

const JOINTS: ReadonlySet<string> = new Set(['and', 'while', '&']);
const MOST_AT_ONCE = 3;

/** The longest name of at most so many words, in a row that begins where `startOf` its length says. */
function longestName(
  finder: MoveFinder,
  words: readonly string[],
  most: number,
  startOf: (length: number) => number,
): FoundMove | null {
  for (let length = Math.min(LONGEST_NAME, most); length > 0; length -= 1) {
    const from = startOf(length);
    const move = finder.get(words.slice(from, from + length).join(' '));
    if (move) return { move, from, to: from + length };
  }
  return null;
}

/** As `findMove`, with those that are joined to it by "and" or "while": "jog and turn". */
export function findMoves(finder: MoveFinder, words: readonly string[]): FoundMoves | null {
  const found = findMove(finder, words);
  if (!found) return null;
  const all = [found];
  const isJoint = (at: number) => JOINTS.has(words[at] ?? '');
  while (all.length < MOST_AT_ONCE && isJoint(all[0]!.from - 1)) {
    const end = all[0]!.from - 1;
    const before = longestName(finder, words, end, (length) => end - length);
    if (!before) break;
    all.unshift(before);
  }
  while (all.length < MOST_AT_ONCE && isJoint(all.at(-1)!.to)) {
    const start = all.at(-1)!.to + 1;
    const after = longestName(finder, words, words.length - start, () => start);
    if (!after) break;
    all.push(after);
  }
  const [first, ...others] = all.map(({ move }) => move);
  return {
    move: others.length === 0 ? first! : together(first!, others),
    also: others.map(({ id }) => id),
    from: all[0]!.from,
    to: all.at(-1)!.to,
  };
}

/** Moves whose names have a word that begins with each word of `query`; best first. */
export function suggestMoves(book: MoveBook, query: string, most: number): readonly Move[] {
  const asked = plainWords(query);
  if (asked.length === 0) return [...book.values()].slice(0, most);
  const scored: { move: Move; score: number }[] = [];
  for (const move of book.values()) {
    const names = [move.name, ...alsoCalled(move)].map(plainWords);
    const hits = names.map((words) =>
      asked.every((part) => words.some((word) => word.startsWith(part))) ? words : null,
    );
    const best = hits.findIndex((words) => words !== null);
    if (best < 0) continue;
    const startsAtFront = hits[best]![0]!.startsWith(asked[0]!);
    scored.push({ move, score: best + (startsAtFront ? 0 : 50) + move.name.length / 100 });
  }
  return scored
    .sort((a, b) => a.score - b.score)
    .slice(0, most)
    .map(({ move }) => move);
}
