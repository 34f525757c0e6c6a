import { ledAlone, takeHow, takeLed } from '../language/how-reader';
import { sameAs } from '../language/loosen';
import { askedFor } from '../language/sentences';
import { respelled } from '../language/spelling';
import { isUnknown } from '../moves/unknown-move';
import type { LineTools, Unread } from '../language/part-reader';
import { inGuise } from '../language/read-action';
import { isSentence } from '../language/unknown-part';
import { hideQuoted, isTooLongToRead, revealed, saidDuring } from '../language/said';
import { CHAPTER_KINDS, type ChapterKind } from '../model/chapter-kinds';
import type { Led } from '../model/led';
import { BEAT_KINDS, BEATS, type Beat } from '.';
import { beatReadBack, beatsOfReading, limitsOf, LINES, type BeatReading } from './lines';
import type { Making } from './beat-file';
import { tellOf } from './tell';

/**
 * What a typed line means. Nothing is guessed silently: a line that names a move but also says
 * things that were not understood is a line to say, with the words in `unread`. `led` is how the
 * chapter is led that it stands in; `meanwhile` is said while they do what stands before it.
 */
export type QuickReading =
  | Readonly<{ kind: 'nothing' }>
  | Readonly<{ kind: 'chapter'; chapterKind: ChapterKind; title: string; led: Led | null }>
  | Readonly<{ kind: 'led'; led: Led }>
  | Readonly<{ kind: 'meanwhile'; text: string }>
  | BeatReading;

function readChapter(line: string): QuickReading | null {
  const match = /^#+\s*(.*)$/u.exec(line);
  if (!match) return null;
  const { title, led } = takeLed(match[1]!.trim());
  const named = title.toLowerCase().replace(/\s+/gu, '-');
  const kind = CHAPTER_KINDS.find((candidate) => named.includes(candidate));
  return { kind: 'chapter', chapterKind: kind ?? 'adventure', title: title || 'New chapter', led };
}

function readBeat(line: string, tools: LineTools): BeatReading | Unread | null {
  for (const kind of BEAT_KINDS) {
    const read = LINES[kind].read(line, tools);
    if (read) return read;
  }
  return null;
}

/** A beat with how it is led, where the line says so and the rest of it is something to do. */
function readLed(line: string, tools: LineTools): BeatReading | null {
  const taken = takeHow(line);
  const read = taken && readBeat(taken.rest, tools);
  if (!read || 'unread' in read || !BEATS[read.kind].isLed) return null;
  return { ...read, how: taken.how };
}

/**
 * What a presenter's typed line means: `# title` a chapter, `drink 30 s`, `circuit 2 rounds 45 s
 * rest 15: squats, plank`, `die 20 throws: squats, hops` and other devices, moves with doses
 * (`3 x 10 frog jumps then hold tree 15 s each leg`), a question, or a line to say. What is said first
 * stands after ": ", what is said meanwhile after " … " or three dots; words like "follow me" or "no
 * count-in" say how it is led. A line in quotation marks is always said.
 */
export function readQuickLine(input: string, tools: LineTools): QuickReading {
  const typed = input.trim();
  if (!typed) return { kind: 'nothing' };
  const chapter = readChapter(typed);
  if (chapter) return chapter;
  const during = saidDuring(typed);
  if (during) return { kind: 'meanwhile', text: during };
  const quoted = /^["“]([^"“”]*)["”]?$/u.exec(typed);
  if (quoted) return tellOf(quoted[1]!);
  const led = ledAlone(typed);
  if (led) return { kind: 'led', led };
  return readToDo(typed, tools);
}

/** A line that is something to do, or else to say: what a beat can't hold is said, and told. */
function readToDo(typed: string, tools: LineTools): BeatReading {
  if (isTooLongToRead(typed)) return tellOf(typed);
  const read = readDone(typed, tools);
  const { most } = read.kind === 'tell' ? { most: null } : limitsOf(read);
  return most === null ? read : { ...tellOf(typed), most };
}

function readDone(typed: string, tools: LineTools): BeatReading {
  const line = sameAs(hideQuoted(typed));
  const how = readLed(line, tools);
  if (how) return how;
  // "10 twists: Who is there?" is a move with something to say; "Frog jumps?" is a question.
  const hasLine = /:\s|\s(?:…|\.{3})/u.test(line);
  const asks = typed.endsWith('?');
  const whole = hasLine || !asks ? readBeat(line, tools) : null;
  if (hasLine && whole && !('unread' in whole)) return whole;
  return readOtherwise(typed, line, asks ? null : whole, tools);
}

/** What a line means that its grammar alone, as in `read`, may not have understood. */
function readOtherwise(
  typed: string,
  line: string,
  read: BeatReading | Unread | null,
  tools: LineTools,
): BeatReading {
  if (isKnown(read) && isCalledOut(typed, read)) return tellOf(typed);
  const mended = readRespelled(line, tools);
  if (isKnown(read) && !(mended && isOther(read, mended))) return read;
  const sentence = readSentence(typed, tools) ?? mended;
  if (sentence) return sentence;
  if (!read) return tellOf(typed);
  return 'unread' in read ? tellOf(typed, read.unread.map(revealed)) : read;
}

/** A reading in which every move is known. */
function isKnown(read: BeatReading | Unread | null): read is BeatReading {
  if (!read || 'unread' in read) return false;
  return read.kind !== 'move' || read.actions.every(({ move }) => !isUnknown(move));
}

/**
 * A sentence that asks for something to be done: it is said, and then done. A question does so where it
 * says how much, a call where it says no more: "Can you do 5 star jumps?", "March with me, soldiers!".
 */
function readSentence(typed: string, tools: LineTools): BeatReading | null {
  const [end] = /[?!](?=[\s"”’')]*$)/u.exec(typed) ?? [];
  if (!end) return null;
  const read = readBeat(askedFor(typed, tools.finder), tools);
  if (!isKnown(read) || read.kind !== 'move') return null;
  const [first, ...others] = read.actions;
  const isAsked = end === '!' || !first!.usualAmount;
  if (!isAsked || first!.guise.line !== '') return null;
  return { ...read, actions: [inGuise(first!, { line: typed }), ...others] };
}

/** "Letters for everybody!" is a story, whatever device it names. */
function isCalledOut(typed: string, { kind }: BeatReading): boolean {
  return kind === 'draw' && isSentence(typed) && !/[:\d]/u.test(typed);
}

/** Mended, it names another move: "jumpng jacks" are no jacks of their own kind. */
function isOther(read: BeatReading, mended: BeatReading): boolean {
  const first = (one: BeatReading) => (one.kind === 'move' ? one.actions[0]!.move.id : '');
  return first(read) !== first(mended);
}

/** With slips of spelling mended; only where that says something to do, and how much of it. */
function readRespelled(line: string, tools: LineTools): BeatReading | null {
  if (isSentence(line)) return null;
  const mended = respelled(line, tools.finder);
  const read = mended === null ? null : readBeat(mended, tools);
  if (!isKnown(read)) return null;
  return read.kind === 'move' &&
    read.actions.every(({ usualAmount }) => usualAmount) &&
    line.includes(' ')
    ? null
    : read;
}

/** A reading is a beat, and not a heading, or words for one that stands there already. */
export function isBeat(reading: QuickReading): reading is BeatReading {
  return (BEAT_KINDS as readonly string[]).includes(reading.kind);
}

/**
 * The beats that a reading asks for, one but for words that are longer than a beat holds; none for what
 * is no beat.
 */
export function beatsFromReading(reading: QuickReading, making: Making): readonly Beat[] {
  return isBeat(reading) ? beatsOfReading(reading, making) : [];
}

/** What was understood of a typed line, for reading back before Enter is pressed. */
export function readingInWords(reading: QuickReading): string {
  switch (reading.kind) {
    case 'nothing':
      return '';
    case 'chapter':
      return `A new chapter: ${reading.title}${reading.led ? `, ${reading.led}` : ''}`;
    case 'led':
      return `This chapter is led: ${reading.led}`;
    case 'meanwhile':
      return 'Said meanwhile, with what stands before it';
    default:
      return beatReadBack(reading);
  }
}
