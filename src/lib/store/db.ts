import type { Adventure } from '$core';
import {
  openDB,
  type DBSchema,
  type IDBPDatabase,
  type StoreKey,
  type StoreNames,
  type StoreValue,
} from 'idb';
import { newId } from './new-id';
import type { RowStore } from './row';

/** An adventure as the browser keeps it. `revision` grows by one with each save. */
export type AdventureRecord = Readonly<{
  id: string;
  document: Adventure;
  revision: number;
  savedAt: string;
  demo: boolean;
  lastLedAt: string | null;
}>;

/** Something that could not be read where it was, and had to make room: kept as it was found. */
export type AsideRecord = Readonly<{ store: string; key: string; raw: unknown; at: string }>;

/** Something that was deleted: it stays for thirty days, as it was. `key` is its key in its store. */
export type TrashRecord = Readonly<{
  store: RowStore;
  key: string;
  title: string;
  raw: unknown;
  /** When it was deleted. */
  at: string;
}>;

export const VERSION_REASONS = [
  'the day’s last',
  'before a fit',
  'before a plan',
  'before going back',
] as const;
/** An adventure as it was at some time. */
export type VersionRecord = Readonly<{
  adventureId: string;
  /** When it was last changed. */
  at: string;
  why: (typeof VERSION_REASONS)[number];
  document: unknown;
}>;

/** What is kept may be of another build: rows are checked by `Kept` when they are read. */
interface ArrupSchema extends DBSchema {
  adventures: { key: string; value: AdventureRecord };
  runs: { key: string; value: unknown; indexes: { byAdventure: string } };
  settings: { key: string; value: unknown };
  /** The presenter's own moves. */
  moves: { key: string; value: unknown };
  /** Settings of the presenter's own, by name. */
  presets: { key: string; value: unknown };
  series: { key: string; value: unknown };
  aside: { key: number; value: AsideRecord };
  trash: { key: number; value: TrashRecord };
  versions: { key: number; value: VersionRecord; indexes: { byAdventure: string } };
}
export type ArrupDb = IDBPDatabase<ArrupSchema>;

/**
 * Puts one row, and says at once that this was all: so it's kept even where the page is left in the next moment.
 * Else the store waits until the page has heard that it went well, which a page that is gone never does.
 */
export async function putNow<Name extends StoreNames<ArrupSchema>>(
  db: ArrupDb,
  name: Name,
  value: StoreValue<ArrupSchema, Name>,
  key?: StoreKey<ArrupSchema, Name>,
): Promise<void> {
  const tx = db.transaction(name, 'readwrite');
  const put = tx.store.put(value, key);
  tx.commit();
  await Promise.all([put, tx.done]);
}

/** Where the mark of this store stands among the settings: one that is made anew has another. */
export const STORE_MARK = 'storeMark';

let shared: Promise<ArrupDb> | null = null;

export function openArrup(name = 'arrup'): Promise<ArrupDb> {
  return openDB<ArrupSchema>(name, 7, {
    async upgrade(db, from, _to, tx) {
      if (from < 1) {
        db.createObjectStore('adventures', { keyPath: 'id' });
        db.createObjectStore('runs', { keyPath: 'id' }).createIndex('byAdventure', 'adventureId');
        db.createObjectStore('settings');
      }
      if (from < 2) db.createObjectStore('moves', { keyPath: 'id' });
      if (from < 5) {
        db.createObjectStore('presets', { keyPath: 'name' });
        db.createObjectStore('aside', { autoIncrement: true });
        // Presets were one list. What in it has no name can't have a row of its own.
        const listed: unknown = from > 0 ? await tx.objectStore('settings').get('presets') : null;
        for (const one of Array.isArray(listed) ? (listed as unknown[]) : []) {
          const isNamed = typeof (one as { name?: unknown } | null)?.name === 'string';
          if (isNamed) await tx.objectStore('presets').put(one);
          else {
            const aside = { store: 'presets', key: '', raw: one, at: '' };
            await tx.objectStore('aside').add(aside);
          }
        }
      }
      if (from < 7) db.createObjectStore('series', { keyPath: 'id' });
      if (from < 6) {
        await tx.objectStore('settings').put(newId('store'), STORE_MARK);
        db.createObjectStore('trash', { autoIncrement: true });
        db.createObjectStore('versions', { autoIncrement: true }).createIndex(
          'byAdventure',
          'adventureId',
        );
      }
    },
    // Cleared with the browser's data, or closed by the system: the next who asks opens it anew.
    terminated: forgetDb,
    // A newer tab wants to change the store's shape: let it, rather than block it for ever.
    blocking(_current, _blocked, event) {
      (event.target as IDBDatabase).close();
      forgetDb();
    },
  });
}

/** It is closed: whoever asks next opens it anew. */
export function forgetDb(): void {
  shared = null;
}

/** The browser's one store. */
export function arrupDb(): Promise<ArrupDb> {
  shared ??= openArrup().catch((reason: unknown) => {
    shared = null;
    throw reason;
  });
  return shared;
}
