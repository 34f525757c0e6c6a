import { ledAlone, takeHow, takeLed } from '../language/how-reader';
import { sameAs } from '../language/loosen';
import type { LineTools, Unread } from '../language/part-reader';
import { hideQuoted, revealed, saidDuring } from '../language/said';
import { CHAPTER_KINDS, type ChapterKind } from '../model/chapter-kinds';
import type { Led } from '../model/led';
import { BEAT_KINDS, BEATS, type Beat } from '.';
import { beatReadBack, beatsOfReading, LINES, type BeatReading } from './lines';
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
  const line = sameAs(hideQuoted(typed));
  const how = readLed(line, tools);
  if (how) return how;
  // "10 twists: Who is there?" is a move with something to say; "Frog jumps?" is a question.
  const withLine = /:\s|\s(?:…|\.{3})/u.test(line) ? readBeat(line, tools) : null;
  if (withLine && !('unread' in withLine)) return withLine;
  if (typed.endsWith('?')) return tellOf(typed);
  const read = readBeat(line, tools);
  if (!read) return tellOf(typed);
  if ('unread' in read) return tellOf(typed, read.unread.map(revealed));
  return read;
}

/**
 * The beats that a reading asks for, one but for words that are longer than a beat holds; none for what
 * is no beat.
 */
export function beatsFromReading(reading: QuickReading, making: Making): readonly Beat[] {
  switch (reading.kind) {
    case 'nothing':
    case 'chapter':
    case 'led':
    case 'meanwhile':
      return [];
    default:
      return beatsOfReading(reading, making);
  }
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
