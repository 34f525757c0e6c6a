import { CHAPTER_KINDS, type ChapterKind } from '../model/adventure';
import { ageBandOf, type Ages } from '../model/ages';
import { NO_GUISE, type Guise } from '../model/beat';
import { MAX_AMOUNT, MAX_SETS, plainDose, type Dose, type DoseUnit } from '../model/dose';
import type { Move } from '../model/move';
import {
  CIRCUIT_REST_SECONDS,
  CIRCUIT_WORK_SECONDS,
  DRINK_SECONDS,
  QUESTION_WAIT_SECONDS,
} from '../schedule/timing';
import { readDraw, type DrawReading } from './draw-reader';
import { readDose, type DoseRead } from './dose-reader';
import { findMove, plainWords, type MoveFinder } from './move-finder';
import { wordsToDigits } from './numbers';
import type { ReadAction } from './read-action';
import type { SoundBook } from './sounds';

/**
 * What a typed line means. Nothing is guessed silently: a line that names a move but also says
 * things that were not understood is a line to say, with the words in `unread`.
 */
export type QuickReading =
  | Readonly<{ kind: 'nothing' }>
  | Readonly<{ kind: 'chapter'; chapterKind: ChapterKind; title: string }>
  | Readonly<{ kind: 'tell'; text: string; waitSeconds?: number; unread: readonly string[] }>
  | Readonly<{ kind: 'drink'; seconds: number }>
  | Readonly<{ kind: 'move'; actions: readonly ReadAction[]; rounds: number }>
  | DrawReading
  | Readonly<{ kind: 'chain'; actions: readonly ReadAction[] }>
  | Readonly<{
      kind: 'echo';
      /** What is said on each line, if anything, and what is done to it. */
      lines: readonly Readonly<{ text: string; action: ReadAction }>[];
      beats: number;
      echo: boolean;
    }>
  | Readonly<{
      kind: 'circuit';
      stations: readonly Readonly<{ move: Move; guise: Guise }>[];
      rounds: number;
      workSeconds: number;
      restSeconds: number;
      /** A drink between two rounds; 0 for none. */
      drinkBetweenSeconds: number;
    }>;

/** What a line may also go by: the kit at hand, and the sounds of words once they are loaded. */
export type LineHelp = Readonly<{ kit: readonly string[]; book: SoundBook | null }>;
const NO_HELP: LineHelp = { kit: [], book: null };

/** Lower-case singular words with digits apart from letters and commas apart from both. */
function wordsOf(line: string): string[] {
  const apart = line
    .replace(/×/gu, ' x ')
    .replace(/([,;.!])/gu, ' $1 ')
    .replace(/(\d)(?=[a-z])/giu, '$1 ')
    .replace(/\bx(?=\d)/giu, 'x ');
  return plainWords(apart);
}

const clamp = (value: number, most: number) => Math.min(Math.max(1, Math.round(value)), most);

/** The middle of the move's usual range for the age, in its usual unit. */
export function usualDose(move: Move, ages: Ages): Dose {
  const [least, most] = move.usual.range[ageBandOf(ages)];
  return plainDose(move.usual.unit, Math.round((least + most) / 2));
}

/** The dose for another move: kept where its unit makes sense there, else the usual one. */
export function doseForMove(dose: Dose, move: Move, ages: Ages): Dose {
  const usual = usualDose(move, ages);
  return dose.unit === usual.unit ? { ...dose, sides: move.sided ? dose.sides : 'any' } : usual;
}

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

/** The action's own words, its guise's name after " as ", its line after ": ". */
function splitGuise(text: string): { words: string; guise: Guise } {
  const [front, ...line] = text.split(/:\s+/u);
  const [words, ...name] = front!.split(/\s+as\s+(?:an? |the )?/iu);
  return {
    words: words!,
    guise: { ...NO_GUISE, name: name.join(' as ').trim(), line: line.join(': ').trim() },
  };
}

type Part = { action: ReadAction; rounds: number | null } | { unread: readonly string[] } | null;

function readPart(text: string, finder: MoveFinder, ages: Ages): Part {
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

/** Splits at "then" and "+", but not inside a spoken line: there "then" is only a word. */
function splitParts(line: string, isAction: (text: string) => boolean): readonly string[] {
  const [first, ...others] = line.split(/(\s+then\s+|\s+\+\s+)/iu);
  const parts = [first!];
  for (let index = 0; index + 1 < others.length; index += 2) {
    const [joint, piece] = [others[index]!, others[index + 1]!];
    const inLine = /:\s/u.test(parts.at(-1)!) && !isAction(piece);
    if (inLine) parts.push(parts.pop()! + joint + piece);
    else parts.push(piece);
  }
  return parts;
}

function readMoves(line: string, finder: MoveFinder, ages: Ages): QuickReading | null {
  const read = (text: string) => readPart(text, finder, ages);
  const isAction = (text: string) => {
    const part = read(text);
    return part !== null && 'action' in part;
  };
  const actions: ReadAction[] = [];
  let rounds = 1;
  for (const part of splitParts(line, isAction).map(read)) {
    if (!part) return null;
    if ('unread' in part) return { kind: 'tell', text: line, unread: part.unread };
    actions.push(part.action);
    rounds = part.rounds ?? rounds;
  }
  return { kind: 'move', actions, rounds };
}

function readCircuit(line: string, finder: MoveFinder): QuickReading | null {
  const match = /^circuit\b(.*?)(?::\s*(.*))?$/iu.exec(line);
  if (!match) return null;
  const drink = /,?\s*drink between(?: (\d+)\s*s)?/iu.exec(match[1]!);
  const head = match[1]!.replace(drink?.[0] ?? '', '').replace('/', ' s rest ');
  const read = readDose(wordsToDigits(wordsOf(head)));
  const names = (match[2] ?? '').split(/,|\bthen\b/u).map((name) => name.trim());
  const stations: { move: Move; guise: Guise }[] = [];
  const unread = [...read.unread];
  for (const name of names.filter(Boolean)) {
    const { words: front, guise } = splitGuise(name);
    const words = plainWords(front);
    const found = findMove(finder, words);
    if (found && found.to - found.from === words.length) stations.push({ move: found.move, guise });
    else unread.push(name);
  }
  if (unread.length > 0) return { kind: 'tell', text: line, unread };
  return {
    kind: 'circuit',
    stations,
    rounds: read.rounds ?? 2,
    workSeconds: read.dose.amounts?.[0] ?? read.openAmounts?.[0] ?? CIRCUIT_WORK_SECONDS,
    restSeconds: read.dose.restSeconds ?? CIRCUIT_REST_SECONDS,
    drinkBetweenSeconds: drink ? Number(drink[1] ?? DRINK_SECONDS) : 0,
  };
}

function readDraws(
  line: string,
  finder: MoveFinder,
  ages: Ages,
  { kit, book }: LineHelp,
): QuickReading | null {
  const readAction = (text: string) => {
    const part = readPart(text, finder, ages);
    return part !== null && 'action' in part ? part.action : null;
  };
  const usual = (move: Move): ReadAction => ({
    move,
    dose: usualDose(move, ages),
    guise: NO_GUISE,
    usualAmount: true,
  });
  const moves = [...new Set(finder.values())];
  const read = readDraw(line, { moves, ages, kit, book, readAction, usual });
  return read && 'unread' in read ? { kind: 'tell', text: line, unread: read.unread } : read;
}

/** Short links: a chain of eight does each of them many times. Our own judgement. */
const LINK_AMOUNTS: Readonly<Record<DoseUnit, number>> = {
  reps: 2,
  steps: 4,
  seconds: 4,
  hold: 3,
  metres: 2,
};

/** `chain: squats, arm circles, hops`; `echo 4 beats: claps, stamps`; `rhyme: …`. */
function readChained(line: string, finder: MoveFinder, ages: Ages): QuickReading | null {
  const match = /^(chain|echo|rhyme)\b(?:\s+(\d+)\s*beats?)?\s*:\s*(.+)$/iu.exec(line);
  if (!match) return null;
  const word = match[1]!.toLowerCase();
  // "The words of the line = its action": words may have commas in them, actions then have ";".
  const joint = match[3]!.includes(';') ? /;/u : /,/u;
  const names = match[3]!
    .split(joint)
    .map((name) => name.trim())
    .filter(Boolean);
  const read = names.map((name) => {
    const [, text = '', move = name] = /^(.+?)\s*=\s*(.+)$/u.exec(name) ?? [];
    return { name, text, part: readPart(move, finder, ages) };
  });
  const unread = read.flatMap(({ name, part }) => (part && 'action' in part ? [] : [name]));
  if (unread.length > 0) return { kind: 'tell', text: line, unread };
  const lines = read.flatMap(({ text, part }) =>
    part && 'action' in part ? [{ text, action: part.action }] : [],
  );
  if (word !== 'chain') {
    const beats = Math.min(64, Math.max(1, Number(match[2] ?? 4)));
    return { kind: 'echo', lines, beats, echo: word === 'echo' };
  }
  const actions = lines.map(({ action }) => action);
  const links = actions.map((action) => {
    const amounts = action.usualAmount ? [LINK_AMOUNTS[action.dose.unit]] : action.dose.amounts;
    return { ...action, dose: { ...action.dose, amounts } };
  });
  return { kind: 'chain', actions: links };
}

function readDrink(line: string): QuickReading | null {
  const match =
    /^(?:drinks?|water|drinks? break|water break|sip)(?:\s+(\d+)\s*(s|sec|seconds|min|minutes)?)?$/iu.exec(
      line.replace(/[.!]$/u, ''),
    );
  if (!match) return null;
  const scale = match[2]?.startsWith('min') ? 60 : 1;
  return {
    kind: 'drink',
    seconds: match[1] ? Math.min(600, Math.max(5, Number(match[1]) * scale)) : DRINK_SECONDS,
  };
}

function readChapter(line: string): QuickReading | null {
  const match = /^#+\s*(.*)$/u.exec(line);
  if (!match) return null;
  const title = match[1]!.trim();
  const named = title.toLowerCase().replace(/\s+/gu, '-');
  const kind = CHAPTER_KINDS.find((candidate) => named.includes(candidate));
  return { kind: 'chapter', chapterKind: kind ?? 'adventure', title: title || 'New chapter' };
}

/**
 * What a presenter's typed line means: `# title` a chapter, `drink 30 s`, `circuit 2 rounds 45 s
 * rest 15: squats, plank`, `die 20 throws: squats, hops` and other devices, moves with doses
 * (`3 x 10 frog jumps then hold tree 15 s each leg`), a question, or a line to say. A line in
 * quotation marks is always said.
 */
export function readQuickLine(
  input: string,
  finder: MoveFinder,
  ages: Ages,
  help: LineHelp = NO_HELP,
): QuickReading {
  const line = input.trim();
  if (!line) return { kind: 'nothing' };
  const chapter = readChapter(line);
  if (chapter) return chapter;
  const quoted = /^["“](.*?)["”]?$/u.exec(line);
  const text = quoted?.[1] ?? line;
  // "10 twists: Who is there?" is a move with something to say; "Frog jumps?" is a question.
  const withLine = !quoted && /:\s/u.test(line) ? readMoves(line, finder, ages) : null;
  if (withLine?.kind === 'move') return withLine;
  if (text.endsWith('?')) {
    return { kind: 'tell', text, waitSeconds: QUESTION_WAIT_SECONDS, unread: [] };
  }
  if (quoted) return { kind: 'tell', text, unread: [] };
  return (
    readDrink(line) ??
    readCircuit(line, finder) ??
    readDraws(line, finder, ages, help) ??
    readChained(line, finder, ages) ??
    readMoves(line, finder, ages) ?? { kind: 'tell', text: line, unread: [] }
  );
}
