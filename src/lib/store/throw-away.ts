import type { TrashRecord } from './db';
import { today } from './today';
import { written } from './written';

/** What a row is called, whatever it is; empty where it has no name. */
export function nameOfRow(raw: unknown): string {
  const row = (raw ?? {}) as Readonly<Record<string, unknown>>;
  const inner = (row.document ?? row.move ?? row) as Readonly<Record<string, unknown>>;
  const name = inner.title ?? inner.name;
  return typeof name === 'string' ? name : '';
}

/** Puts a row in the trash, in one transaction; null where it is not there. */
export function throwAway(store: TrashRecord['store'], key: string): Promise<number | null> {
  return written('What you deleted', async (db) => {
    const tx = db.transaction([store, 'trash'], 'readwrite');
    const raw: unknown = await tx.objectStore(store).get(key);
    let id: number | null = null;
    if (raw !== undefined) {
      const title = nameOfRow(raw);
      id = await tx.objectStore('trash').add({ store, key, title, raw, at: today() });
      await tx.objectStore(store).delete(key);
    }
    await tx.done;
    return id;
  });
}
