import {
  looksLikeScript,
  MAX_FILE_CHARACTERS,
  parseArrupJson,
  parseBeatsCsv,
  parsePlainText,
  parseScript,
  problem,
  withReadings,
  type Adventure,
  type Move,
  type Reading,
  type ReadScript,
  type Result,
  type ScriptSource,
  type SoundBook,
} from '$core';
import { textOfDocx } from '$lib/files/docx-text';
import { loadSoundBook } from '$lib/language/sound-book';
import { newId, newSeed } from '$lib/store/new-id';

/** Not even read: a character takes four bytes at the most. */
const MAX_FILE_BYTES = MAX_FILE_CHARACTERS * 4;

/** The name of a file without its endings, as a title. */
const titleFrom = (name: string) =>
  name
    .replace(/(\.\w{2,8})+$/u, '')
    .replace(/[-_]+/gu, ' ')
    .trim();

/** What plans are read from. */
export const PLAN_KINDS = ['script', 'csv', 'docx', 'text'] as const;
export type PlanKind = (typeof PLAN_KINDS)[number];

/** What is needed to read a plan: own moves that it may name, ids and seeds for what it becomes. */
export type PlanSource = Omit<ScriptSource, 'book'>;

/**
 * The adventure in a plan: a script in Markdown, a table, or plain text; `title` is for one that has
 * none of its own. The sounds of words are fetched where it has a letter strip.
 */
export async function readPlan(
  kind: Exclude<PlanKind, 'docx'>,
  content: string,
  source: PlanSource,
  title = '',
): Promise<Result<ReadScript>> {
  const asks = /\bletters\b|\balphabet\b|\bspell\b/iu.test(content);
  const book: SoundBook | null = asks ? await loadSoundBook() : null;
  const whole = { ...source, book };
  if (kind === 'csv') return parseBeatsCsv(content, whole, title);
  const read = kind === 'text' ? parsePlainText(content, whole) : parseScript(content, whole);
  if (!read.ok || read.value.adventure.title) return read;
  return { ok: true, value: { ...read.value, adventure: { ...read.value.adventure, title } } };
}

/** The kind of plan in a file by its name's ending; null for a file of Arrup's own. */
function kindOf(name: string, content: string): Exclude<PlanKind, 'docx'> | null {
  const ending = /\.(md|markdown|txt|csv)$/iu.exec(name)?.[1]?.toLowerCase();
  if (!ending) return null;
  if (ending === 'csv') return 'csv';
  return looksLikeScript(content) ? 'script' : 'text';
}

/**
 * The adventure in a file: an Arrup file, a script in Markdown, a plan in plain text or DOCX, or a table
 * of beats as CSV. `moves`: the presenter's own, which a plan may name.
 */
export async function readFile(
  file: Pick<File, 'name' | 'size' | 'text' | 'arrayBuffer'>,
  moves: readonly Move[],
): Promise<Result<ReadScript>> {
  const { name, size } = file;
  if (size > MAX_FILE_BYTES) return { ok: false, problems: [problem('too-large')] };
  const source = { newId, newSeed, moves };
  if (/\.docx$/iu.test(name)) {
    const text = await textOfDocx(new Uint8Array(await file.arrayBuffer()));
    return text.ok ? readPlan('text', text.value, source, titleFrom(name)) : text;
  }
  const content = await file.text();
  const kind = kindOf(name, content);
  if (kind) return readPlan(kind, content, source, titleFrom(name));
  const parsed = parseArrupJson(content);
  if (!parsed.ok) return parsed;
  return { ok: true, value: { adventure: parsed.value, unread: [], lines: [] } };
}

/** What was read, with some of its lines taken in another way. */
export const withChosen = (read: ReadScript, chosen: ReadonlyMap<number, Reading>): Adventure =>
  withReadings(read, chosen, { newId, newSeed });
