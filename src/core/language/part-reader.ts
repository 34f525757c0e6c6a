import type { Ages } from '../model/ages';
import { MAX_NAME, MAX_NOTE, type Guise, type Station } from '../model/action';
import type { Move } from '../model/move';
import { alsoCalled } from '../moves/names-of';
import { findMoves, type MoveFinder } from '../moves/move-finder';
import { wordsToDigits } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import type { SoundBook } from '../words/phonemes';
import { doseIn, wordsOf } from './words-of';
import { isByAge, takeAfterName, takeAsides, type Asides } from './dose-asides';
import { loosen, usesBody, withoutWhose, type Loosened } from './loosen';
import { usualAction } from './usual-action';
import { isSentence, mayBeName, spanTyped, unknownDosed, unknownNamed } from './unknown-part';
import { readDose, type DoseRead } from './dose-reader';
import { headEnd, revealed, splitGuise } from './said';
import { doseFrom, homeFrom, type Unread } from './part-dose';
import { inGuise, type ReadAction } from './read-action';
import { namesInRow } from './rows';
import { BODY_PARTS } from './lexicon';
import { asTyped, escaped, isSameName } from './typed-words';

export type { Unread };

/** What a line is read with; `book` is null while the sounds of words are not there. */
export type LineTools = Readonly<{
  finder: MoveFinder;
  ages: Ages;
  /** Things at hand. */
  kit: readonly string[];
  book: SoundBook | null;
}>;

type PartRead = Readonly<{ action: ReadAction; rounds: number | null }>;

/** A longer line without an amount is told, whatever it begins with. */
const MOST_NOTE_WORDS = 6;
/** A longer sentence is told, amount or not. */
const MOST_SENTENCE_WORDS = 8;

/** Whether a line that was read loosely is something to do, and not a story that names a move. */
function isDoing({ action }: PartRead, front: string, notes: string): boolean {
  const isLong = isSentence(front) && front.trim().split(/\s+/u).length > MOST_SENTENCE_WORDS;
  if (!action.usualAmount || action.dose.ways === 2) return !isLong;
  return !isSentence(front) && notes.split(/\s+/u).length <= MOST_NOTE_WORDS;
}

/** What is done, up to a name or something to say; that; and the former without what stands around it. */
type Around = Readonly<{ front: string; tail: string; loose: Loosened }>;

function around(text: string, finder: MoveFinder): Around {
  const end = Math.min(headEnd(text), /\s+as\s/u.exec(text)?.index ?? text.length);
  const front = text.slice(0, end);
  return { front, tail: text.slice(end), loose: loosen(front, finder) };
}

/** The catalogue's name for it, or the id that it has there. */
function isOwnName(move: Move, typed: string): boolean {
  const { name, plural, id } = move;
  const own = [
    name,
    plural,
    ...(alsoCalled(move).some((alias) => isSameName(alias, id)) ? [] : [id]),
  ];
  return own.some((one) => isSameName(one, typed));
}

/** What was typed for a move, where the move goes by another name; else empty. */
function nameTyped(words: readonly string[], text: string, move: Move): string {
  const typed = asTyped(words, text);
  return isOwnName(move, typed) ? '' : typed.slice(0, MAX_NAME);
}

const OF_BODY = String.raw`(?:\s+(?:and\s+)?(?:(?:your|the|both|our|my)\s+)?(?:${BODY_PARTS})\b)*`;

/** By the words that were typed for it: "stamp your feet", "walk like a bear". */
function asSaid(read: PartRead, { front, tail, loose }: Around): PartRead {
  const { guise, move } = read.action;
  if (/^\s+as\s/u.test(tail)) return read;
  const done = asTyped(plainWords(guise.name || move.name), front);
  const ofBody = loose.body.length > 0 ? OF_BODY : '';
  const withBody = done && new RegExp(escaped(done) + ofBody, 'iu').exec(front)?.[0];
  const isOwn = withBody && isOwnName(move, withBody);
  const name = (loose.like || (isOwn ? '' : withBody) || guise.name).slice(0, MAX_NAME);
  return { ...read, action: inGuise(read.action, { name }) };
}

/** With what was taken out of the line as its note. */
function noted(read: PartRead, notes: readonly string[]): PartRead {
  const note = [read.action.guise.note, ...notes].filter(Boolean).join(', ').slice(0, MAX_NOTE);
  return { ...read, action: inGuise(read.action, { note }) };
}

/** The same with what stands around the move and its dose taken out, and kept as a note. */
function readLoosely(parts: Around, tools: LineTools): PartRead | null {
  const { front, tail, loose } = parts;
  const bare = withoutWhose(front);
  const named = bare === front ? null : readStrictly(bare + tail, tools);
  if (named && 'action' in named && isDoing(named, front, '')) {
    return asSaid(named, parts);
  }
  const read = readStrictly(loose.text + tail, tools, loose.text);
  if (!read || 'unread' in read) return null;
  const body = usesBody(read.action.move, loose.body);
  if (!body.fits) return null;
  const said = asSaid(read, parts);
  const isNamed = loose.body.every((part) => said.action.guise.name.includes(part));
  const whole = noted(said, isNamed ? loose.notes : [...loose.notes, ...body.notes]);
  return isDoing(whole, front, whole.action.guise.note) ? whole : null;
}

/** So much of something that no catalogue knows: it becomes a move of the presenter's own. */
function readUnknown({ tail, loose }: Around, tools: LineTools): PartRead | null {
  const { rest } = takeAsides(loose.text);
  const move = unknownDosed(doseIn(rest), loose.text);
  if (!move) return null;
  // Read again with that move known, so that all else is read as ever.
  const finder = new Map([...tools.finder, [plainWords(move.name).join(' '), move] as const]);
  const again = readStrictly(loose.text + tail, { ...tools, finder });
  if (!again || 'unread' in again) return null;
  return noted(called(again, move), [...loose.notes, ...loose.body]);
}

/** By its own name in the story, if it has one; else by that of the move. */
function called(read: PartRead, { name }: Move): PartRead {
  return { ...read, action: inGuise(read.action, { name: read.action.guise.name || name }) };
}

/** One move with its dose and guise; null where no move is named. */
export function readPart(text: string, tools: LineTools): PartRead | Unread | null {
  const strict = readStrictly(text, tools);
  if (strict && 'action' in strict) return strict;
  const parts = around(text, tools.finder);
  return readLoosely(parts, tools) ?? strict ?? readUnknown(parts, tools);
}

/** A part's plain words, what stands beside its dose, and what it is called and said to it. */
function apart(text: string): Readonly<{ plain: string; guise: Guise; asides: Asides }> {
  const { words: front, guise } = splitGuise(text);
  // "plank: fours 20 s, fives 40 s" says how much, and nothing to say.
  const isDose = isByAge(guise.line);
  // "as the bell, at home 2 x 8": what stands behind a name is no name.
  const named = takeAfterName(guise.name);
  const taken = takeAsides(isDose ? `${front} ${guise.line}` : front);
  return {
    plain: taken.rest,
    guise: { ...guise, name: named.rest, line: isDose ? '' : guise.line },
    asides: { ...named.found, ...taken.found },
  };
}

/** The name of a move with the words in front of it: "moon walks"; empty where they are no part of it. */
function longerName(
  read: DoseRead,
  words: readonly string[],
  { from, to }: Readonly<{ from: number; to: number }>,
  typed: string,
): string {
  // A word behind the name may be one that is still being typed, where nothing says how much.
  const isInFront = read.unread.every((word) => words.indexOf(word) < from);
  if (!mayBeName(read, typed, isInFront)) return '';
  return spanTyped([...read.unread, ...words.slice(from, to)], typed);
}

/** `named`: words that are left over may be a part of the name in the story, where it says how much. */
function readStrictly(
  text: string,
  { finder, ages }: LineTools,
  named = '',
): PartRead | Unread | null {
  const { plain, guise, asides } = apart(text);
  // The move is found before number words become digits: "two-foot jump" is a name.
  const words = wordsOf(plain);
  const found = findMoves(finder, words);
  if (!found) return null;
  const { move, also, from, to } = found;
  const read = readDose(wordsToDigits([...words.slice(0, from), '.', ...words.slice(to)]));
  const home = homeFrom(asides, move, ages);
  const longer = named === '' ? '' : longerName(read, words, { from, to }, named);
  if (read.unread.length > 0 && !longer) return { unread: read.unread };
  if (home && 'unread' in home) return home;
  const name = guise.name || longer || nameTyped(words.slice(from, to), plain, move);
  const action: ReadAction = {
    move,
    also,
    dose: doseFrom(read, move, ages, asides),
    guise: { ...guise, name, note: asides.note ?? '' },
    between: asides.between ?? [],
    home,
    usualAmount: !read.dose.amounts && !read.openAmounts && asides.asked?.as !== 'by age',
  };
  return { action, rounds: read.rounds };
}

/** The same where nothing else will do: null for words that are not all understood. */
export function readAction(text: string, tools: LineTools): ReadAction | null {
  const part = readPart(text, tools);
  return part !== null && 'action' in part ? part.action : null;
}

/** A name of a table that is no known move, with a usual dose: the other lines stay what they are. */
export function unknownAction(text: string, { ages }: LineTools): ReadAction | null {
  const { words, guise } = splitGuise(text);
  const move = unknownNamed(words);
  if (!move) return null;
  return inGuise(usualAction(move, ages), { ...guise, name: guise.name || move.name });
}

/** A station as read from a line. */
export type ReadStation = Readonly<{ move: Move; also: readonly string[]; guise: Guise }>;

/** A move by its name alone, in a guise if one is given; null where more is said, or less. */
export function readNamed(text: string, { finder }: LineTools): ReadStation | null {
  const { words: front, guise } = splitGuise(text);
  const { rest, found: asides } = takeAsides(front);
  const words = plainWords(rest);
  const found = findMoves(finder, words);
  const unknown = found ? null : unknownNamed(rest);
  if (unknown && guise.line === '') {
    const name = guise.name || unknown.name;
    return { move: unknown, also: [], guise: { ...guise, name, note: asides.note ?? '' } };
  }
  const isAll = found && found.to - found.from === words.length;
  const isPlain = Object.keys(asides).every((key) => key === 'note');
  if (!isAll || !isPlain) return null;
  const { move, also } = found;
  const name = guise.name || nameTyped(words, rest, move);
  return { move, also, guise: { ...guise, name, note: asides.note ?? '' } };
}

/** What a station that was read is in a beat, but for its id. */
export function bareStation({ move, also, guise }: ReadStation): Omit<Station, 'id'> {
  return { move: move.id, also, guise };
}

/** A line of a rhyme or a link of a chain: what is said, if anything, and what is done to it. */
export type ReadLine = Readonly<{ text: string; action: ReadAction }>;

/**
 * "squat, hop" or "Lamps in a row = march; Out = squat": moves in a row, each with its words. Words
 * may have commas in them, moves then have ";" between them.
 */
export function readLines(text: string, tools: LineTools): readonly ReadLine[] | Unread {
  const names = namesInRow(text);
  const lines = names.map((name) => {
    const [, said = '', move = name] = /^(.+?)\s*=\s*(.+)$/u.exec(name) ?? [];
    const action = readAction(move, tools);
    return action && { text: revealed(said), action };
  });
  const unread = names.filter((_, n) => !lines[n]);
  return unread.length > 0 ? { unread } : lines.flatMap((line) => line ?? []);
}
