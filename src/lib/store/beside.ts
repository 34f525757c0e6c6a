import { copyAdventure, parseAdventure } from '$core';
import { newId } from './new-id';

/**
 * An adventure's row under an id of its own, where another one stands under its id: it comes to stand beside
 * it. `mark` is put after its title. Null where it can't be read.
 */
export function besideRow(raw: unknown, mark: string): unknown {
  const row = raw as Readonly<{ document?: unknown }>;
  const parsed = parseAdventure(row.document);
  if (!parsed.ok) return null;
  const document = copyAdventure(
    parsed.value,
    `${parsed.value.title || 'Untitled'} (${mark})`,
    newId,
  );
  return { ...row, id: document.id, document, revision: 1 };
}
