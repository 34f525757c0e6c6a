import { nameOfRow, type RowStore } from './row';
import { today } from './today';
import { written } from './written';

/** Puts a row in the trash, in one transaction; null where it is not there. */
export function throwAway(store: RowStore, key: string): Promise<number | null> {
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
