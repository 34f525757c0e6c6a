import {
  looksLikeScript,
  MAX_FILE_CHARACTERS,
  parseArrupJson,
  problem,
  withMovesApart,
  type Adventure,
  type Move,
  type ReadScript,
  type Result,
} from '$core';
import { textOfDocx } from '$lib/files/docx-text';
import { readPlan, type PlanKind } from '$lib/plan/read-plan';
import { newId, newSeed } from '$lib/store/new-id';
import { problemInWords } from '$lib/words/problem-words';

/** Not even read: a character takes four bytes at the most. */
const MAX_FILE_BYTES = MAX_FILE_CHARACTERS * 4;

/** The name of a file without its endings, as a title. */
const titleFrom = (name: string) =>
  name
    .replace(/(\.\w{2,8})+$/u, '')
    .replace(/[-_]+/gu, ' ')
    .trim();

export { problemInWords };

/** An adventure of a file with its own moves apart from the presenter's, and from the catalogue's. */
export const apartFrom = (own: readonly Move[], adventure: Adventure): Adventure =>
  withMovesApart(adventure, own);

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
