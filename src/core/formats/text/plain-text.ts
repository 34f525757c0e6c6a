import { readLine } from '../../beats/readings';
import { CHAPTER_KINDS } from '../../model/chapter-kinds';
import type { ReadScript } from '../script/became';
import { problem, type Result } from '../../model/problem';
import { MAX_SCRIPT_CHARACTERS, ScriptReader, type ScriptSource } from '../script/script';

/** What stands in front of a line on paper: a time, a bullet, a number, a box to tick. */
const FRONT =
  /^\s*(?:\d{1,2}:\d{2}(?::\d{2})?(?:\s*[-–]\s*\d{1,2}:\d{2}(?::\d{2})?)?\s*[-–:|]?\s+|[-*•·–▪○●]\s+|\[[ x]?\]\s*|\d{1,2}[.)]\s+)+/iu;
/** How parts of a session are headed, beside the kinds of chapters. */
const HEADS =
  /^(?:the )?(?:intro(?:duction)?|main(?: part| activity| session)?|starter|story|ending|end|close|part \d+|cool[ -]?down|warm[ -]?up|relaxation)$|^(?:main|part) \w+$/iu;
const MINUTES = /\s*[(–-]?\s*\d{1,2}(?:\s*[-–]\s*\d{1,2})?\s*min(?:ute)?s?\.?\)?\s*$/iu;
const MOST_HEADING_WORDS = 6;
/** A first line longer than this is no title. */
const LONGEST_TITLE = 60;

/** The heading in a line: "## The marsh", "Warm-up (5 min)", "THE MARSH", "The marsh:"; else null. */
function headingIn(line: string): string | null {
  const marked = /^#{1,6}\s+(.+)$/u.exec(line);
  if (marked) return marked[1]!;
  const text = line.replace(/:$/u, '').replace(MINUTES, '').trim();
  if (text === '' || text.split(/\s+/u).length > MOST_HEADING_WORDS || /[.!?,"“”]/u.test(text))
    return null;
  const kind = text.toLowerCase().replace(/\s+/gu, '-');
  const isKind =
    CHAPTER_KINDS.some((one) => one !== 'drink' && one !== 'show' && kind === one) ||
    HEADS.test(text);
  const isLoud = /\p{Lu}{3}/u.test(text) && text === text.toUpperCase() && !/\d/u.test(text);
  return isKind || isLoud || (line.endsWith(':') && /^\p{Lu}/u.test(text)) ? text : null;
}

/** The sentences of a paragraph, each with its marks. */
const sentencesOf = (text: string) =>
  text.match(/[^.!?]+(?:[.!?]+["”’)]*(?=\s|$)|$)|\S[^]*$/gu)?.map((one) => one.trim()) ?? [text];

/**
 * A plan as people write or paste it: one line after another, with or without bullets, times and
 * headings. Each line is read as on the Desk; a paragraph in which something is asked for is taken
 * apart there, and otherwise said whole. Nothing is left out: every line is told in `lines`, with what
 * became of it. Refused where it is too large, or has nothing in it.
 */
export function parsePlainText(text: string, source: ScriptSource, title = ''): Result<ReadScript> {
  if (text.length > MAX_SCRIPT_CHARACTERS) {
    return { ok: false, problems: [problem('too-large', [], { most: MAX_SCRIPT_CHARACTERS })] };
  }
  const reader = new ScriptReader(source);
  reader.name(title);
  const given = text.replace(/^\uFEFF/u, '').split(/\r\n?|\n/u);
  let isFirst = true;
  for (const [n, one] of given.entries()) {
    const typed = one.replace(FRONT, '').trim();
    if (typed === '') continue;
    if (isFirst && isTitle(typed, given[n + 1]) && !title) reader.name(typed.replace(/^#\s*/u, ''));
    else readInto(reader, typed, n + 1);
    isFirst = false;
  }
  return reader.finish();
}

/** A short first line with nothing to do in it, and an empty line or a heading after it. */
function isTitle(line: string, next = ''): boolean {
  if (/^#\s/u.test(line)) return true;
  const isShort = line.length <= LONGEST_TITLE && !/[.!?:]$/u.test(line) && !/\d/u.test(line);
  return isShort && next.trim() === '';
}

function readInto(reader: ScriptReader, typed: string, line: number): void {
  if (reader.chapters.length === 0 && reader.head(typed)) return;
  const heading = headingIn(typed);
  if (heading) {
    reader.open(heading);
    return;
  }
  const sentences = sentencesOf(typed);
  const reads = (text: string) => readLine(text, reader.tools).reading.kind !== 'tell';
  if (sentences.length < 2 || reads(typed) || !sentences.some(reads)) {
    reader.line(typed, line);
    return;
  }
  let said: string[] = [];
  const say = () => {
    if (said.length > 0) reader.line(said.join(' '), line);
    said = [];
  };
  for (const sentence of sentences) {
    if (!reads(sentence)) said.push(sentence);
    else {
      say();
      reader.line(sentence, line);
    }
  }
  say();
}

/** Headings and list items: a script in Markdown as Arrup writes it, and not a plan in plain text. */
export const looksLikeScript = (text: string): boolean =>
  /^#{1,6}\s/mu.test(text) && /^\s*[-*]\s/mu.test(text);
