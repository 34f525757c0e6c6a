import { parseAdventure, type Adventure } from '$core';
import type { ArrupDb, VersionRecord } from './db';
import { today } from './today';
import { onStore, written } from './written';

/** Versions of one adventure that are kept; the oldest goes first. */
export const MOST_VERSIONS = 40;

export type Version = Readonly<{
  id: number;
  at: string;
  why: VersionRecord['why'];
  document: Adventure;
}>;

const dayOf = (at: string) => at.slice(0, 10);

/** Whether what is stored was last changed on another day: it is that day's last. */
export const isDaysLast = (savedAt: string, now: string): boolean =>
  savedAt !== '' && dayOf(savedAt) !== dayOf(now);

/** Keeps an adventure as it is now; of many the oldest goes. */
export async function keepVersionIn(db: ArrupDb, version: VersionRecord): Promise<void> {
  const tx = db.transaction('versions', 'readwrite');
  const keys = await tx.store.index('byAdventure').getAllKeys(version.adventureId);
  for (const key of keys.slice(0, Math.max(0, keys.length + 1 - MOST_VERSIONS))) {
    await tx.store.delete(key);
  }
  await tx.store.add(version);
  await tx.done;
}

/** Keeps an adventure as it is before something changes much of it. */
export function keepVersion(document: Adventure, why: VersionRecord['why']): Promise<void> {
  return written('An earlier version', (db) =>
    keepVersionIn(db, { adventureId: document.id, at: today(), why, document }),
  ).catch(() => undefined);
}

/** The versions of an adventure that can be read, newest first. */
export async function versionsOf(adventureId: string): Promise<readonly Version[]> {
  const rows = await onStore(async (db) => {
    const index = db.transaction('versions').store.index('byAdventure');
    const found: (VersionRecord & { id: number })[] = [];
    for (let at = await index.openCursor(adventureId); at; at = await at.continue()) {
      found.push({ ...at.value, id: at.primaryKey });
    }
    return found;
  });
  return rows.reverse().flatMap(({ id, at, why, document }) => {
    const parsed = parseAdventure(document);
    return parsed.ok ? [{ id, at, why, document: parsed.value }] : [];
  });
}
