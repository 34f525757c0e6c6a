import { parseAdventure, problem, type Adventure, type Result } from '$core';
import type { AdventureRecord, ArrupDb } from './db';
import type { SaveOutcome } from './draft.svelte';
import { isDaysLast, keepVersionIn } from './version-store';

export type SaveFlags = Partial<Pick<AdventureRecord, 'demo' | 'lastLedAt'>>;

/** An adventure as it is kept, its document checked and brought to this build's version. */
export function parseRecord(row: unknown): Result<AdventureRecord> {
  const { document, ...rest } = (row ?? {}) as Partial<AdventureRecord>;
  const parsed = parseAdventure(document);
  if (!parsed.ok) return parsed;
  const { id, revision, savedAt = '', demo = false, lastLedAt = null } = rest;
  if (typeof id !== 'string' || typeof revision !== 'number') {
    return { ok: false, problems: [problem('missing', ['revision'])] };
  }
  return { ok: true, value: { id, document: parsed.value, revision, savedAt, demo, lastLedAt } };
}

/** One adventure of the store; undefined where it is not there, or can't be read. */
export async function readAdventure(db: ArrupDb, id: string): Promise<AdventureRecord | undefined> {
  const parsed = parseRecord(await db.get('adventures', id));
  return parsed.ok ? parsed.value : undefined;
}

/**
 * Saves `document` if the store still holds revision `base` of it (0 for a new one). One
 * transaction, so that two tabs cannot both believe they were first. An adventure that was deleted
 * meanwhile is put back: nothing typed is lost. The first save of a day keeps how the last day ended.
 */
export async function saveAdventure(
  db: ArrupDb,
  document: Adventure,
  base: number,
  savedAt: string,
  flags: SaveFlags = {},
): Promise<SaveOutcome & Readonly<{ record: AdventureRecord }>> {
  const tx = db.transaction('adventures', 'readwrite');
  const stored = await tx.store.get(document.id);
  if (stored && stored.revision !== base) {
    await tx.done;
    return { outcome: 'changed elsewhere', revision: stored.revision, record: stored };
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
  if (stored && isDaysLast(stored.savedAt, savedAt)) {
    const { document: before, savedAt: at } = stored;
    const version = {
      adventureId: record.id,
      at,
      why: 'the day’s last',
      document: before,
    } as const;
    await keepVersionIn(db, version);
  }
  return { outcome: 'saved', revision: record.revision, record };
}

/** Notes when an adventure was last led; its revision stays: the words did not change. */
export async function noteLed(db: ArrupDb, id: string, at: string): Promise<void> {
  const tx = db.transaction('adventures', 'readwrite');
  const stored = await tx.store.get(id);
  if (stored) await tx.store.put({ ...stored, lastLedAt: at });
  await tx.done;
}
