import {
  MAX_FILE_CHARACTERS,
  parseArrupJson,
  parseBeatsCsv,
  parseScript,
  problem,
  type Adventure,
  type Move,
  type Result,
  type SoundBook,
  type UnreadLine,
} from '$core';
import { loadSoundBook } from '$lib/language/sound-book';
import { newId, newSeed } from '$lib/store/new-id';

/** An adventure out of a file, and the lines of a script that were not understood. */
export type Opened = Readonly<{ adventure: Adventure; unread: readonly UnreadLine[] }>;

/** Not even read: a character takes four bytes at the most. */
const MAX_FILE_BYTES = MAX_FILE_CHARACTERS * 4;

/** The name of a file without its endings, as a title. */
const titleFrom = (name: string) =>
  name
    .replace(/(\.\w{2,8})+$/u, '')
    .replace(/[-_]+/gu, ' ')
    .trim();

/**
 * The adventure in a file: an Arrup file, a script in Markdown or plain text, or a table of beats as
 * CSV. `moves`: the presenter's own, which a script may name.
 */
export async function readFile(
  { name, size, text }: Pick<File, 'name' | 'size' | 'text'>,
  moves: readonly Move[],
): Promise<Result<Opened>> {
  if (size > MAX_FILE_BYTES) return { ok: false, problems: [problem('too-large')] };
  const content = await text();
  const ending = /\.(md|markdown|txt|csv)$/iu.exec(name)?.[1]?.toLowerCase();
  if (!ending) {
    const parsed = parseArrupJson(content);
    return parsed.ok ? { ok: true, value: { adventure: parsed.value, unread: [] } } : parsed;
  }
  // Only a letter strip asks how words sound.
  const book: SoundBook | null = /letters\b/iu.test(content) ? await loadSoundBook() : null;
  const source = { newId, newSeed, moves, book };
  if (ending === 'csv') return parseBeatsCsv(content, source, titleFrom(name));
  const parsed = parseScript(content, source);
  if (!parsed.ok || parsed.value.adventure.title) return parsed;
  const { adventure, unread } = parsed.value;
  return { ok: true, value: { adventure: { ...adventure, title: titleFrom(name) }, unread } };
}
