import type { Adventure } from '$core';
import type { AdventureRecord, ArrupDb } from './db';

/** A save either lands, or finds that another tab has saved since `base` was read. */
export type SaveOutcome =
  | Readonly<{ outcome: 'saved'; record: AdventureRecord }>
  | Readonly<{ outcome: 'changed elsewhere'; record: AdventureRecord }>;

export type SaveFlags = Partial<Pick<AdventureRecord, 'demo' | 'lastLedAt'>>;

/**
 * Saves `document` if the store still holds revision `base` of it (0 for a new one). One
 * transaction, so that two tabs cannot both believe they were first. An adventure that was deleted
 * meanwhile is put back: nothing typed is lost.
 */
export async function saveAdventure(
  db: ArrupDb,
  document: Adventure,
  base: number,
  savedAt: string,
  flags: SaveFlags = {},
): Promise<SaveOutcome> {
  const tx = db.transaction('adventures', 'readwrite');
  const stored = await tx.store.get(document.id);
  if (stored && stored.revision !== base) {
    await tx.done;
    return { outcome: 'changed elsewhere', record: stored };
  }
  const record: AdventureRecord = {
    id: document.id,
    document,
    revision: base + 1,
    savedAt,
    demo: stored?.demo ?? false,
    lastLedAt: stored?.lastLedAt ?? null,
    ...flags,
  };
  await tx.store.put(record);
  await tx.done;
  return { outcome: 'saved', record };
}

/** Notes when an adventure was last led; its revision stays: the words did not change. */
export async function noteLed(db: ArrupDb, id: string, at: string): Promise<void> {
  const tx = db.transaction('adventures', 'readwrite');
  const stored = await tx.store.get(id);
  if (stored) await tx.store.put({ ...stored, lastLedAt: at });
  await tx.done;
}
