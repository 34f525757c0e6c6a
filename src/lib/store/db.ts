import { parseAdventure, type Adventure, type Move, type Run } from '$core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** An adventure as the browser keeps it. `revision` grows by one with each save. */
export type AdventureRecord = Readonly<{
  id: string;
  document: Adventure;
  revision: number;
  savedAt: string;
  demo: boolean;
  lastLedAt: string | null;
}>;

interface ArrupSchema extends DBSchema {
  adventures: { key: string; value: AdventureRecord };
  runs: { key: string; value: Run; indexes: { byAdventure: string } };
  settings: { key: string; value: unknown };
  /** The presenter's own moves. */
  moves: { key: string; value: Move };
}
export type ArrupDb = IDBPDatabase<ArrupSchema>;

export function openArrup(name = 'arrup'): Promise<ArrupDb> {
  return openDB<ArrupSchema>(name, 4, {
    async upgrade(db, from, _to, tx) {
      if (from < 1) {
        db.createObjectStore('adventures', { keyPath: 'id' });
        db.createObjectStore('runs', { keyPath: 'id' }).createIndex('byAdventure', 'adventureId');
        db.createObjectStore('settings');
      }
      if (from < 2) db.createObjectStore('moves', { keyPath: 'id' });
      // Newer documents. What cannot be read is left as it is, not lost.
      if (from > 0 && from < 4) {
        for (const record of await tx.objectStore('adventures').getAll()) {
          const parsed = parseAdventure(record.document);
          if (parsed.ok) {
            await tx.objectStore('adventures').put({ ...record, document: parsed.value });
          }
        }
      }
      // Version 4: how a move of one's own is drawn.
      if (from > 1 && from < 4) {
        const moves = tx.objectStore('moves');
        for (const move of await moves.getAll()) await moves.put({ ...move, figure: null });
      }
    },
    // A newer tab wants to change the store's shape: let it, rather than block it for ever.
    blocking(_current, _blocked, event) {
      (event.target as IDBDatabase).close();
    },
  });
}

let shared: Promise<ArrupDb> | null = null;

/** The browser's one store. */
export function arrupDb(): Promise<ArrupDb> {
  shared ??= openArrup().catch((reason: unknown) => {
    shared = null;
    throw reason;
  });
  return shared;
}
