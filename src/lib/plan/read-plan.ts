import {
  parseBeatsCsv,
  parsePlainText,
  parseScript,
  withReadings,
  type Adventure,
  type Reading,
  type ReadScript,
  type Result,
  type ScriptSource,
  type SoundBook,
} from '$core';
import { loadSoundBook } from '$lib/language/sound-book';
import { newId, newSeed } from '$lib/store/new-id';

/*
 * Readers of scripts and tables are large: this is fetched when there is a plan to read.
 */

/** What plans are read from. */
export const PLAN_KINDS = ['script', 'csv', 'docx', 'text'] as const;
export type PlanKind = (typeof PLAN_KINDS)[number];

/** What is needed to read a plan: own moves that it may name, ids and seeds for what it becomes. */
export type PlanSource = Omit<ScriptSource, 'book'>;

/** The sounds of words, for what has a letter strip in it. */
async function bookFor(text: string): Promise<SoundBook | null> {
  return /\bletters\b|\balphabet\b|\bspell\b/iu.test(text) ? loadSoundBook() : null;
}

/**
 * The adventure in a plan: a script in Markdown, a table, or plain text; `title` is for one that has
 * none of its own.
 */
export async function readPlan(
  kind: Exclude<PlanKind, 'docx'>,
  content: string,
  source: PlanSource,
  title = '',
): Promise<Result<ReadScript>> {
  const whole = { ...source, book: await bookFor(content) };
  if (kind === 'csv') return parseBeatsCsv(content, whole, title);
  const read = kind === 'text' ? parsePlainText(content, whole) : parseScript(content, whole);
  if (!read.ok || read.value.adventure.title) return read;
  return { ok: true, value: { ...read.value, adventure: { ...read.value.adventure, title } } };
}

/** Any title will do that is one: the first line is then no title. */
const UNTITLED = ' ';

/** A plan that was pasted among lines: it has no title, for that is the adventure's. */
export async function readPasted(
  text: string,
  moves: ScriptSource['moves'],
): Promise<Result<ReadScript>> {
  return parsePlainText(text, { newId, newSeed, moves, book: await bookFor(text) }, UNTITLED);
}

/** What was read, with some of its lines taken in another way. */
export const withChosen = (read: ReadScript, chosen: ReadonlyMap<number, Reading>): Adventure =>
  withReadings(read, chosen, { newId, newSeed });
