import { findMoves, type MoveFinder } from '../moves/move-finder';
import {
  ALWAYS,
  AMOUNT_WORDS,
  BODY_PARTS,
  LIKE_VERBS,
  LIKENESSES,
  MANNERS,
  OPENERS,
  OTHER_VERBS,
  PLACE_WORDS,
  SAME_AS,
  WAYS_OF_GOING,
} from './lexicon';
import type { Move, Region } from '../model/move';
import { wordsToDigits } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import { strippedOf } from './typed-words';

/** A line with what stands around its move and its dose taken out. */
export type Loosened = Readonly<{
  text: string;
  /** Kept beside the move: where, how, in which manner. */
  notes: readonly string[];
  /** The parts of the body that it names: "your feet". */
  body: readonly string[];
  /** What it is done like, with its verb: "walk like a bear"; empty where it is like nothing. */
  like: string;
}>;

const OPENER = new RegExp(String.raw`^\s*(?:${OPENERS.join('|')})\b[\s,:]*`, 'iu');
const NO_THING =
  '(?!(?:and|then|for|each|both|on|in|with|to|at|as|while|there|slowly|fast|times|once|twice|left|right|one)\\b)';
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
/** Which way a verb goes, where what it is like says so: "curl up like a hedgehog". */
const WHITHER = /\b(?:up|down|around|along|about|sideways|tall|small|low|still)\b/giu;
const OTHER = new Set(OTHER_VERBS.split('|'));
const VERB = new RegExp(String.raw`\b(?:${LIKE_VERBS})(?:s|ing)?\b`, 'iu');
const LIKE = /\b((?:like|as if|as)\s+(?:an? |the )?)(\p{L}+(?: \p{L}+)?)/iu;

/** A line as Arrup itself would write it, where it begins in another way. */
export function sameAs(given: string): string {
  const line = ALWAYS.reduce((one, [from, to]) => one.replace(from, to), given);
  const same = SAME_AS.find(([from]) => from.test(line));
  return same ? line.replace(...same) : line;
}

/** Words that are in many names and say nothing of one. */
const SMALL = new Set('a an the your our my to on in of and with up down'.split(' '));

const tidy = (text: string) => text.replace(/\s+/gu, ' ').trim();

type Likened = Readonly<{ text: string; like: string }>;

/** What a verb and a noun are together, where a likeness is known: the move's name. */
function likenessOf(before: readonly string[], noun: string, finder: MoveFinder): Move | undefined {
  const found = LIKENESSES.find(
    ([like, verbs]) =>
      like.split('|').includes(noun) &&
      (verbs === ''
        ? !before.some((word) => OTHER.has(word))
        : verbs.split('|').some((verb) => before.includes(verb))),
  );
  return found && finder.get(plainWords(found[2]).join(' '));
}

/**
 * A text with the move in it that something is done like: "jump like a frog" is a frog jump. Like
 * something that is not known it is done as its verb says.
 */
function likened(text: string, finder: MoveFinder): Likened {
  const match = LIKE.exec(text);
  if (!match) return { text, like: '' };
  const front = text.slice(0, match.index);
  const before = plainWords(front);
  const nouns = match[2]!.split(' ');
  const kinds = nouns.map((noun) => likenessOf(before, plainWords(noun)[0] ?? '', finder));
  // "like a sleepy bear" has two words, "like a bear ten times" has one.
  const last = kinds[1] ? 1 : 0;
  const move = kinds[last];
  const phrase = `${match[1]!}${nouns.slice(0, last + 1).join(' ')}`;
  const after = text.slice(match.index + phrase.length);
  const verb = VERB.exec(front)?.[0] ?? /^\s*(\p{L}+)/u.exec(front)?.[1] ?? '';
  const from = front.search(new RegExp(String.raw`\b${verb}\b`, 'iu'));
  const between = front.slice(Math.max(0, from));
  const isInOne =
    verb !== '' &&
    !/[\d,]|\b(?:times|for|then)\b/iu.test(wordsToDigits(between.split(' ')).join(' '));
  const like = tidy(isInOne ? `${between}${phrase}` : `${verb} ${phrase}`);
  const rest = front.replace(VERB, ' ').replace(WHITHER, ' ');
  if (move) return { text: `${rest} ${move.name} ${after}`, like };
  return findMoves(finder, before) ? { text: `${front} ${after}`, like } : { text, like: '' };
}

/**
 * A text with everything around its move and dose taken out and kept: openers, places, manners, the
 * parts of the body that the move says anyway. `finder` keeps the words that are a move's own name.
 */
export function loosen(given: string, finder: MoveFinder): Loosened {
  const notes: string[] = [];
  const counted = AMOUNT_WORDS.reduce((one, [from, to]) => one.replace(from, to), given);
  const { text: plain, like } = likened(strippedOf(counted, OPENER), finder);
  let text = plain;
  // The words of a name are the move's: "big jumps" has "big" beside it, "tall reach" has not.
  const words = plainWords(text);
  const found = findMoves(finder, words);
  const own = new Set(
    found ? words.slice(found.from, found.to).filter((word) => !SMALL.has(word)) : [],
  );
  const isOwn = (part: string) => plainWords(part).some((word) => own.has(word));
  const take = (pattern: RegExp, asWays = false) => {
    text = text.replace(pattern, (all: string, back?: unknown) => {
      if (isOwn(all)) return all;
      const isBack = asWays && typeof back === 'string';
      notes.push(tidy(isBack ? all.replace(AND_BACK, '') : all));
      return isBack ? ' there and back ' : ' ';
    });
  };
  take(WAY);
  text = text.replace(ON_ONE, ' ');
  take(PLACE, true);
  const body: string[] = [];
  text = text.replace(BODY, (all) => {
    if (isOwn(all)) return all;
    body.push(all);
    return ' ';
  });
  text = text.replace(AND_BACK, ' there and back ');
  take(MANNER);
  return { text: tidy(text), notes, body, like };
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
const WHOLE_BODY = 3;

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
