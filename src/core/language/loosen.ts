import { findMoves, type MoveFinder } from '../moves/move-finder';
import {
  AMOUNT_WORDS,
  BODY_PARTS,
  LIKE_VERBS,
  LIKENESSES,
  MANNERS,
  OPENERS,
  PLACE_WORDS,
  SAME_AS,
  WAYS_OF_GOING,
} from './lexicon';
import type { Move, Region } from '../model/move';
import { plainWords } from '../words/plain-words';

/** A line with what stands around its move and its dose taken out. */
export type Loosened = Readonly<{
  text: string;
  /** Kept beside the move: where, how, in which manner. */
  notes: readonly string[];
  /** The parts of the body that it names: "your feet". */
  body: readonly string[];
}>;

const OPENER = new RegExp(String.raw`^\s*(?:${OPENERS.join('|')})\b[\s,:]*`, 'iu');
const NO_THING =
  '(?!(?:and|then|for|each|both|on|in|with|to|at|as|while|there|slowly|fast|times|once|twice)\\b)';
const WORD = String.raw`${NO_THING}[\p{L}’'-]+`;
const THING = String.raw`(?:(?:the|a|an|your|our|my) ${WORD}(?: ${WORD})?|${WORD})`;
const PLACE = new RegExp(
  String.raw`\b(?:${PLACE_WORDS}) ${THING}(?: (?:side|end|corner|wall))?(\s+and back(?: again)?)?`,
  'giu',
);
const AND_BACK = /(?<!there )\band back(?: again)?\b/giu;
const BODY = new RegExp(
  String.raw`\b(?:your|the|both|our|my) (?:${BODY_PARTS})\b|\b(?:feet|hands|knees|arms|legs|fingers|toes)\b`,
  'giu',
);
const WHOSE = new RegExp(String.raw`\b(?:your|the|our|my) (?=(?:${BODY_PARTS})\b)`, 'giu');

/** "tap knees" for "tap your knees": some moves are called so. */
export const withoutWhose = (text: string) => text.replace(WHOSE, '');
const ON_ONE = /\bon one (?:leg|foot)\b/giu;
const MANNER = new RegExp(String.raw`\b(?:${MANNERS})\b`, 'giu');
const WAY = new RegExp(String.raw`\b(?:${WAYS_OF_GOING})\b`, 'giu');
const VERB = new RegExp(String.raw`\b(?:${LIKE_VERBS})(?:s|ing)?\b`, 'iu');
const LIKE = /\b(?:like|as if|as)\s+(?:an? |the )?(\p{L}+)/iu;

/** A line as Arrup itself would write it, where it begins in another way. */
export function sameAs(line: string): string {
  const same = SAME_AS.find(([from]) => from.test(line));
  return same ? line.replace(...same) : line;
}

/** A text with the move in it that something is done like, where it is known. */
function likened(text: string, finder: MoveFinder): string {
  const match = LIKE.exec(text);
  if (!match) return text;
  const noun = plainWords(match[1]!)[0] ?? '';
  const before = plainWords(text.slice(0, match.index));
  const found = LIKENESSES.find(
    ([like, verbs]) =>
      like.split('|').includes(noun) &&
      (verbs === '' || verbs.split('|').some((verb) => before.includes(verb))),
  );
  const move = found && finder.get(plainWords(found[2]).join(' '));
  if (!move) return text;
  // What is done like it is said by it: "jump like a frog" is a frog jump.
  const rest = text.slice(0, match.index).replace(VERB, ' ');
  return `${rest} ${move.name} ${text.slice(match.index + match[0].length)}`;
}

const tidy = (text: string) => text.replace(/\s+/gu, ' ').trim();

/**
 * A text with everything around its move and dose taken out and kept: openers, places, manners, the
 * parts of the body that the move says anyway. `finder` keeps the words that are a move's own name.
 */
export function loosen(given: string, finder: MoveFinder): Loosened {
  const notes: string[] = [];
  let text = AMOUNT_WORDS.reduce((one, [from, to]) => one.replace(from, to), given);
  let before = '';
  while (before !== text) {
    before = text;
    text = text.replace(OPENER, '');
  }
  text = likened(text, finder);
  // The words of a name are the move's: "big jumps" has "big" beside it, "tall reach" has not.
  const words = plainWords(text);
  const found = findMoves(finder, words);
  const own = new Set(found ? words.slice(found.from, found.to) : []);
  const take = (pattern: RegExp, asWays = false) => {
    text = text.replace(pattern, (all: string, back?: unknown) => {
      if (plainWords(all).some((word) => own.has(word))) return all;
      const isBack = asWays && typeof back === 'string';
      notes.push(tidy(isBack ? all.replace(AND_BACK, '') : all));
      return isBack ? ' there and back ' : ' ';
    });
  };
  take(WAY);
  const body: string[] = [];
  text = text.replace(BODY, (all) => {
    if (plainWords(all).some((word) => own.has(word))) return all;
    body.push(all);
    return ' ';
  });
  text = text.replace(ON_ONE, ' ');
  take(PLACE, true);
  text = text.replace(AND_BACK, ' there and back ');
  take(MANNER);
  return { text: tidy(text), notes, body };
}

const REGION_OF: readonly (readonly [RegExp, readonly Region[]])[] = [
  [/feet|foot|leg|knee|toe|heel|ankle/iu, ['legs', 'hips']],
  [/hand|finger|wrist/iu, ['hands', 'arms']],
  [/arm|elbow/iu, ['arms', 'shoulders']],
  [/shoulder/iu, ['shoulders']],
  [/head|neck/iu, ['neck']],
  [/hip/iu, ['hips']],
  [/tummy/iu, ['tummy']],
  [/back/iu, ['back']],
];
/** A move of the whole body: which part of it is meant is worth a note. */
const WHOLE_BODY = 4;

/**
 * Whether a move is above all one of those parts of the body: "roll your shoulders" is no log roll.
 * `notes`: the parts that say more than the move does.
 */
export function usesBody(
  { regions }: Pick<Move, 'regions'>,
  body: readonly string[],
): Readonly<{ fits: boolean; notes: readonly string[] }> {
  const parts = body.map((part) => REGION_OF.find(([words]) => words.test(part))?.[1] ?? []);
  const isWhole = regions.length >= WHOLE_BODY;
  const does = isWhole ? regions : regions.slice(0, 1);
  const fits = parts.every((own) => own.length === 0 || own.some((one) => does.includes(one)));
  return { fits, notes: isWhole ? body : [] };
}
