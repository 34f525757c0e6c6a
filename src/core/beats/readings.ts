import { TIMINGS } from '../cues/timing';
import { sameAs } from '../language/loosen';
import { readPart, type LineTools } from '../language/part-reader';
import { inGuise, type ReadAction } from '../language/read-action';
import { askedFor } from '../language/sentences';
import { THINGS } from '../language/lexicon';
import { usualAction } from '../language/usual-action';
import { asTyped } from '../language/typed-words';
import { findMove } from '../moves/move-finder';
import { isUnknown } from '../moves/unknown-move';
import { plainWords } from '../words/plain-words';
import type { MoveReading } from './move-line';
import { isTooLongToRead } from '../language/said';
import type { Held } from './bounded';
import { limitsOf } from './lines';
import { isBeat, readingInWords, readQuickLine, type QuickReading } from './quick-line';
import { tellOf } from './tell';

/**
 * What a line may mean, with how sure that is: from 0 to 1, by the share of its words that the reading
 * uses. `left` are the words that it keeps but does not act on, `used` all others; `held` are numbers
 * beyond what a file may hold, with the nearest that are taken.
 */
export type Reading = Scored & Readonly<{ used: readonly string[] }>;
type Scored = Readonly<{
  reading: QuickReading;
  says: string;
  score: number;
  left: readonly string[];
  held: readonly Held[];
}>;
/** The likeliest meaning of a line, and others that are close, the likelier first. */
export type LineRead = Reading & Readonly<{ others: readonly Reading[] }>;
type Ranked = Scored & Readonly<{ others: readonly Scored[] }>;

/** What a word weighs that is kept beside the move, as a note or in its name. */
const KEPT = 0.6;
/** A move that nobody knows is half understood. */
const UNKNOWN = 0.5;
/** A move that only stands somewhere in a sentence. */
const MENTIONED = 0.3;
/** What is left for another reading of what is sure, and how far apart two ways to do it are. */
const HARDLY = 0.05;

const SMALL = new Set('a an the of and to for your you we now then in on at with it'.split(' '));
const bigWords = (text: string) => plainWords(text).filter((word) => !SMALL.has(word));

/** "3 is below the least: 5 is taken". */
const heldInWords = ({ asked, taken }: Held) =>
  `${asked} is ${asked < taken ? 'below the least' : 'above the most'}: ${taken} is taken`;

function scored(reading: QuickReading, score: number, left: readonly string[] = []): Scored {
  const held = isBeat(reading) ? limitsOf(reading).held : [];
  const says = [readingInWords(reading), ...held.map(heldInWords)].join('. ');
  return { reading, says, score: Math.round(score * 100) / 100, left, held };
}

/** How much of a line its moves use. */
function scoreOfMoves(line: string, { actions }: MoveReading): number {
  const words = Math.max(1, bigWords(line).length);
  const kept = actions.flatMap(({ guise }) => bigWords(guise.note)).length;
  const known = actions.filter(({ move }) => !isUnknown(move)).length / actions.length;
  const used = Math.max(0, 1 - ((1 - KEPT) * Math.min(kept, words)) / words);
  return used * (UNKNOWN + (1 - UNKNOWN) * known);
}

/** A drink that a line speaks of. */
const DRINK = /\b(?:drink|drinks|sip|sips|water break)\b/iu;

/** A line that is said, and then done; that it is said goes without saying where it stands. */
function doneFirst(
  action: ReadAction,
  line: string,
  score: number,
  left: readonly string[] = [],
): Scored {
  const done: MoveReading = { kind: 'move', actions: [action], rounds: 1 };
  const says = readingInWords(done);
  return { ...scored({ ...done, actions: [inGuise(action, { line })] }, score, left), says };
}

/** What a line that is said could ask for, with the line said first. */
function doneIn(line: string, tools: LineTools): Scored | null {
  if (isTooLongToRead(line)) return null;
  if (DRINK.test(line)) {
    return scored({ kind: 'drink', seconds: TIMINGS.drink.usual, text: line }, MENTIONED);
  }
  const asked = readPart(sameAs(askedFor(line, tools.finder)), tools);
  if (asked && 'action' in asked) return doneFirst(asked.action, line, UNKNOWN);
  const words = plainWords(line.replace(/[.,;!?]/gu, ' '));
  const found = findMove(tools.finder, words);
  if (!found || (found.to - found.from === 1 && THINGS.has(words[found.from]!))) return null;
  const name = asTyped(words.slice(found.from, found.to), line);
  const action = inGuise(usualAction(found.move, tools.ages), {
    name: name === found.move.name ? '' : name,
  });
  const left = words.filter((_, n) => n < found.from || n >= found.to);
  return doneFirst(action, line, MENTIONED, left);
}

/** A one-sided move of which no side is said, on each. */
function eachSide(reading: MoveReading): MoveReading | null {
  const [only, ...more] = reading.actions;
  if (!only || more.length > 0 || !only.move.sided || only.dose.sides !== 'any') return null;
  return { ...reading, actions: [{ ...only, dose: { ...only.dose, sides: 'each' } }] };
}

function readDone(line: string, reading: MoveReading): Ranked {
  const score = scoreOfMoves(line, reading);
  const both = eachSide(reading);
  const others = [
    ...(both ? [scored(both, score - HARDLY)] : []),
    scored(tellOf(line), Math.max(HARDLY, 1 - score)),
  ];
  return { ...scored(reading, score), others };
}

/**
 * What a typed line means, how sure that is, and what else it may mean: to do what a line speaks of
 * that is said, to say what a line asks for that is done, to do on each side what has one.
 */
export function readLine(typed: string, tools: LineTools): LineRead {
  const line = typed.trim();
  const { others, ...first } = ranked(line, tools);
  return { ...withUsed(first, line), others: others.map((one) => withUsed(one, line)) };
}

/** A reading with the words of its line that it uses, as typed: those that are not left, each as often. */
function withUsed(one: Scored, line: string): Reading {
  const left = [...one.left];
  const used = (line.match(/[\p{L}\p{N}’']+/gu) ?? []).filter((word) => {
    const at = left.indexOf(plainWords(word)[0] ?? '');
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
  return { ...one, used };
}

function ranked(line: string, tools: LineTools): Ranked {
  const reading = readQuickLine(line, tools);
  if (!isBeat(reading))
    return { ...scored(reading, reading.kind === 'nothing' ? 0 : 1), others: [] };
  if (reading.kind === 'move') return readDone(line, reading);
  if (reading.kind !== 'tell') {
    return { ...scored(reading, 1 - HARDLY), others: [scored(tellOf(line), HARDLY)] };
  }
  const done = doneIn(line, tools);
  const score = done ? 1 - done.score : 1;
  return { ...scored(reading, score, reading.unread), others: done ? [done] : [] };
}
