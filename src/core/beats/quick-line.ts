import { CHAPTER_KINDS, type ChapterKind } from '../model/chapter-kinds';
import type { LineTools } from '../language/part-reader';
import { BEAT_KINDS, beatOfReading, beatReadBack, BEATS, type Beat, type BeatReading } from '.';
import type { Making } from './beat-file';
import { tellOf } from './tell';

/**
 * What a typed line means. Nothing is guessed silently: a line that names a move but also says
 * things that were not understood is a line to say, with the words in `unread`.
 */
export type QuickReading =
  | Readonly<{ kind: 'nothing' }>
  | Readonly<{ kind: 'chapter'; chapterKind: ChapterKind; title: string }>
  | BeatReading;

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
export function readQuickLine(input: string, tools: LineTools): QuickReading {
  const line = input.trim();
  if (!line) return { kind: 'nothing' };
  const chapter = readChapter(line);
  if (chapter) return chapter;
  const quoted = /^["“](.*?)["”]?$/u.exec(line);
  const text = quoted?.[1] ?? line;
  // "10 twists: Who is there?" is a move with something to say; "Frog jumps?" is a question.
  const withLine = !quoted && /:\s/u.test(line) ? BEATS.move.read(line, tools) : null;
  if (withLine && !('unread' in withLine)) return withLine;
  if (quoted || text.endsWith('?')) return tellOf(text);
  for (const kind of BEAT_KINDS) {
    const read = BEATS[kind].read(line, tools);
    if (read) return 'kind' in read ? read : tellOf(line, read.unread);
  }
  return tellOf(line);
}

/** The beat that a reading asks for; null for a chapter or for nothing. */
export function beatFromReading(reading: QuickReading, making: Making): Beat | null {
  return reading.kind === 'nothing' || reading.kind === 'chapter'
    ? null
    : beatOfReading(reading, making);
}

/** What was understood of a typed line, for reading back before Enter is pressed. */
export function readingInWords(reading: QuickReading): string {
  if (reading.kind === 'nothing') return '';
  return reading.kind === 'chapter' ? `A new chapter: ${reading.title}` : beatReadBack(reading);
}
