import type { Ages } from '../model/ages';
import { NO_GUISE, type Guise } from '../model/action';
import { MAX_AMOUNT, MAX_SETS, type Dose, type DoseUnit } from '../model/dose';
import type { Move } from '../model/move';
import { findMove, type MoveFinder } from '../moves/move-finder';
import { usualDose } from '../moves/usual-dose';
import { wordsToDigits } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import type { SoundBook } from '../words/phonemes';
import { readDose, type DoseRead } from './dose-reader';
import { revealed, splitGuise } from './said';
import type { ReadAction } from './read-action';

/** What a line is read with; `book` is null while the sounds of words are not there. */
export type LineTools = Readonly<{
  finder: MoveFinder;
  ages: Ages;
  /** Things at hand. */
  kit: readonly string[];
  book: SoundBook | null;
}>;

/** Words of a line that mean nothing where they stand. */
export type Unread = Readonly<{ unread: readonly string[] }>;

/** Lower-case singular words with digits apart from letters and commas apart from both. */
export function wordsOf(line: string): string[] {
  const apart = line
    .replace(/×/gu, ' x ')
    .replace(/([,;.!])/gu, ' $1 ')
    .replace(/(\d)(?=[a-z])/giu, '$1 ')
    .replace(/\bx(?=\d)/giu, 'x ');
  return plainWords(apart);
}

/** What a text says of a dose, number words and all. */
export function doseIn(text: string): DoseRead {
  return readDose(wordsToDigits(wordsOf(text)));
}

const clamp = (value: number, most: number) => Math.min(Math.max(1, Math.round(value)), most);

/** A number with no unit counts reps, or steps or a hold if that is how the move is usually done. */
function unitOf(said: DoseUnit | undefined, usual: DoseUnit, amountSaid: boolean): DoseUnit {
  if (said === 'seconds' && usual === 'hold') return 'hold';
  if (said) return said;
  return amountSaid && (usual === 'seconds' || usual === 'metres') ? 'reps' : usual;
}

function doseFrom(read: DoseRead, move: Move, ages: Ages): Dose {
  const usual = usualDose(move, ages);
  const said = read.dose.amounts ?? read.openAmounts;
  const amounts = said ?? usual.amounts;
  const sets = clamp(read.sets ?? 1, MAX_SETS);
  return {
    ...usual,
    ...read.dose,
    unit: unitOf(read.dose.unit, usual.unit, said !== null && said !== undefined),
    amounts: (amounts.length === 1 ? Array.from({ length: sets }, () => amounts[0]!) : amounts)
      .slice(0, MAX_SETS)
      .map((amount) => clamp(amount, MAX_AMOUNT)),
  };
}

type PartRead = Readonly<{ action: ReadAction; rounds: number | null }>;

/** One move with its dose and guise; null where no move is named. */
export function readPart(text: string, { finder, ages }: LineTools): PartRead | Unread | null {
  const { words: front, guise } = splitGuise(text);
  // The move is found before number words become digits: "two-foot jump" is a name.
  const words = wordsOf(front);
  const found = findMove(finder, words);
  if (!found) return null;
  const rest = [...words.slice(0, found.from), '.', ...words.slice(found.to)];
  const read = readDose(wordsToDigits(rest));
  if (read.unread.length > 0) return { unread: read.unread };
  const usualAmount = !read.dose.amounts && !read.openAmounts;
  const dose = doseFrom(read, found.move, ages);
  return { action: { move: found.move, dose, guise, usualAmount }, rounds: read.rounds };
}

/** The same where nothing else will do: null for words that are not all understood. */
export function readAction(text: string, tools: LineTools): ReadAction | null {
  const part = readPart(text, tools);
  return part !== null && 'action' in part ? part.action : null;
}

/** A move by its name alone, in a guise if one is given; null where more is said, or less. */
export function readNamed(
  text: string,
  { finder }: LineTools,
): Readonly<{ move: Move; guise: Guise }> | null {
  const { words: front, guise } = splitGuise(text);
  const words = plainWords(front);
  const found = findMove(finder, words);
  return found && found.to - found.from === words.length ? { move: found.move, guise } : null;
}

/** A move with its usual dose. */
export function usualAction(move: Move, ages: Ages): ReadAction {
  return { move, dose: usualDose(move, ages), guise: NO_GUISE, usualAmount: true };
}

/** What stands between commas, or other marks, none of it empty. */
export function namesIn(text: string, between: RegExp = /,/u): readonly string[] {
  return text
    .split(between)
    .map((name) => name.trim())
    .filter(Boolean);
}

/** A line of a rhyme or a link of a chain: what is said, if anything, and what is done to it. */
export type ReadLine = Readonly<{ text: string; action: ReadAction }>;

/**
 * "squat, hop" or "Lamps in a row = march; Out = squat": moves in a row, each with its words. Words
 * may have commas in them, moves then have ";" between them.
 */
export function readLines(text: string, tools: LineTools): readonly ReadLine[] | Unread {
  const names = namesIn(text, text.includes(';') ? /;/u : /,/u);
  const lines = names.map((name) => {
    const [, said = '', move = name] = /^(.+?)\s*=\s*(.+)$/u.exec(name) ?? [];
    const action = readAction(move, tools);
    return action && { text: revealed(said), action };
  });
  const unread = names.filter((_, n) => !lines[n]);
  return unread.length > 0 ? { unread } : lines.flatMap((line) => line ?? []);
}
