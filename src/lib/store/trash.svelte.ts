import { besideRow } from './beside';
import type { TrashRecord } from './db';
import { tabs } from './tabs';
import { onStore, written } from './written';

/** How long what was deleted is kept, in days. */
export const TRASH_DAYS = 30;
const DAY_MS = 86_400_000;

export type TrashItem = TrashRecord & Readonly<{ id: number }>;

/** What became of something that was put back. */
export type PutBack = 'back' | 'beside' | 'stays' | 'gone';

/** What was deleted, newest first. */
class Trash {
  #list = $state.raw<readonly TrashItem[]>([]);

  get list(): readonly TrashItem[] {
    return this.#list;
  }

  /** Reads it, and lets go of what has been there for its time. */
  async load(now: number = Date.now()): Promise<void> {
    this.#list = await onStore(async (db) => {
      const items: TrashItem[] = [];
      const tx = db.transaction('trash', 'readwrite');
      for (let cursor = await tx.store.openCursor(); cursor; cursor = await cursor.continue()) {
        const age = now - Date.parse(cursor.value.at);
        if (age > TRASH_DAYS * DAY_MS) await cursor.delete();
        else items.push({ ...cursor.value, id: cursor.key });
      }
      await tx.done;
      return items.reverse();
    });
  }

  /**
   * Puts something back where it was. Newer words are never written over: an adventure that is there again
   * stays, and the old one comes to stand beside it; of anything else the newer one stays.
   */
  async putBack(id: number | null): Promise<PutBack> {
    if (id === null) return 'gone';
    const became = await written('What you put back', async (db): Promise<PutBack> => {
      const item = await db.get('trash', id);
      if (!item) return 'gone';
      const tx = db.transaction([item.store, 'trash'], 'readwrite');
      const rows = tx.objectStore(item.store);
      const there: unknown = await rows.get(item.key);
      const whole =
        there === undefined
          ? item.raw
          : item.store === 'adventures' && besideRow(item.raw, 'put back');
      if (whole) {
        await rows.put(whole as never);
        await tx.objectStore('trash').delete(id);
      }
      await tx.done;
      return whole ? (there === undefined ? 'back' : 'beside') : 'stays';
    });
    await this.load();
    tabs.tell({ type: 'shelf' });
    tabs.tell({ type: 'moves' });
    return became;
  }

  /** Lets go of one for good, or of all. */
  async empty(id: number | null = null): Promise<void> {
    await written('The trash', (db) => (id === null ? db.clear('trash') : db.delete('trash', id)));
    await this.load();
  }
}

export const trash = new Trash();
