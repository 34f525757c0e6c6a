import {
  isAsWritten,
  looksLikeScript,
  MAX_FILE_CHARACTERS,
  parseArrupJson,
  parseTakeAlong,
  problem,
  type Adventure,
  type Move,
  type ReadScript,
  type Result,
} from '$core';
import { textOfDocx } from '$lib/files/docx-text';
import { decodeText } from '$lib/files/decode-text';
import { readPlan, type PlanKind } from './read-plan';
import { newId, newSeed } from '$lib/store/new-id';

/** Not even read: a character takes four bytes at the most. */
export const MAX_FILE_BYTES = MAX_FILE_CHARACTERS * 4;

/** The name of a file without its endings, as a title. */
const titleFrom = (name: string) =>
  name
    .replace(/(\.\w{2,8})+$/u, '')
    .replace(/[-_]+/gu, ' ')
    .trim();

/** The kind of plan in a file by its name's ending; null for a file of Arrup's own. */
function kindOf(name: string, content: string): Exclude<PlanKind, 'docx'> | null {
  const ending = /\.(md|markdown|txt|csv)$/iu.exec(name)?.[1]?.toLowerCase();
  if (!ending) return null;
  if (ending === 'csv') return 'csv';
  return looksLikeScript(content) ? 'script' : 'text';
}

/** An adventure that was sent as one: nothing in it had to be read. */
const asItIs = (adventure: Adventure): ReadScript => ({ adventure, unread: [], lines: [] });

/**
 * The adventure in a file: an Arrup file, a page that leads itself, a script in Markdown, a plan in plain text or DOCX, or a table
 * of beats as CSV. `moves`: the presenter's own, which a plan may name.
 */
export async function readFile(
  { name, bytes }: Readonly<{ name: string; bytes: Uint8Array }>,
  moves: readonly Move[],
): Promise<Result<ReadScript>> {
  if (bytes.length > MAX_FILE_BYTES) return { ok: false, problems: [problem('too-large')] };
  const source = { newId, newSeed, moves };
  if (/\.docx$/iu.test(name)) {
    const text = await textOfDocx(bytes);
    return text.ok ? readPlan('text', text.value, source, titleFrom(name)) : text;
  }
  const content = decodeText(bytes);
  if (/\.html?$/iu.test(name)) {
    const sent = parseTakeAlong(content);
    return sent.ok ? { ok: true, value: asItIs(sent.value.adventure) } : sent;
  }
  const kind = kindOf(name, content);
  if (kind) return readPlan(kind, content, source, titleFrom(name));
  const parsed = parseArrupJson(content);
  if (!parsed.ok) return parsed;
  return { ok: true, value: { ...asItIs(parsed.value), changed: !isAsWritten(content) } };
}
