import type { BackupItem, BackupRow } from './backup-file';
import { besideRow } from '$lib/store/beside';
import type { ArrupDb } from '$lib/store/db';
import { keyIn, ROW_STORES } from '$lib/store/row';
import { onStore, written } from '$lib/store/written';

const PREFERENCES = 'preferences';

/** Everything that the presenter has made here, as it lies in the store. */
export function rowsToBackUp(): Promise<readonly BackupRow[]> {
  return onStore(async (db) => {
    const rows: BackupRow[] = [];
    for (const store of ROW_STORES) {
      for (const raw of await db.getAll(store)) rows.push({ store, key: keyIn(raw), raw });
    }
    const preferences: unknown = await db.get('settings', PREFERENCES);
    if (preferences !== undefined) {
      rows.push({ store: PREFERENCES, key: PREFERENCES, raw: preferences });
    }
    return rows;
  });
}

/** What becomes of a row of a backup: it is new here, the same, or another one stands here. */
export type Standing = 'new' | 'same' | 'other';

const rowAt = (db: ArrupDb, { store, key }: BackupRow): Promise<unknown> =>
  store === PREFERENCES ? db.get('settings', PREFERENCES) : db.get(store, key);

/** What counts of a row: saving it again changes neither its words nor its facts. */
const wordsOf = ({ store }: BackupRow, raw: unknown) =>
  JSON.stringify(store === 'adventures' ? (raw as { document: unknown }).document : raw);

/** How each item stands to what is here, by its place. */
export function standingsOf(items: readonly BackupItem[]): Promise<readonly Standing[]> {
  return onStore(async (db) => {
    const standings: Standing[] = [];
    for (const item of items) {
      const there = await rowAt(db, item);
      const isSame = there !== undefined && wordsOf(item, there) === wordsOf(item, item.raw);
      standings.push(there === undefined ? 'new' : isSame ? 'same' : 'other');
    }
    return standings;
  });
}

/**
 * Takes these in, all or none. An adventure that differs from the one here comes beside it; of other
 * things the one in the backup takes its place, for whoever chose it wanted it back.
 */
export function takeBack(items: readonly BackupItem[]): Promise<void> {
  return written('What you took from the backup', async (db) => {
    const stores = [...ROW_STORES, 'settings'] as const;
    const tx = db.transaction(stores, 'readwrite');
    for (const item of items) {
      if (item.problem) continue;
      if (item.store === PREFERENCES) {
        await tx.objectStore('settings').put(item.raw, PREFERENCES);
        continue;
      }
      const rows = tx.objectStore(item.store);
      const there: unknown = await rows.get(item.key);
      const isOther = there !== undefined && wordsOf(item, there) !== wordsOf(item, item.raw);
      const raw =
        item.store === 'adventures' && isOther ? besideRow(item.raw, 'from the backup') : item.raw;
      if (raw !== null && (there === undefined || isOther)) await rows.put(raw as never);
    }
    await tx.done;
  });
}
