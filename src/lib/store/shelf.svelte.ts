import { copyAdventure, newAdventure, type Adventure } from '$core';
import { loadDemo } from '$lib/demo/demo-adventures';
import { parseRecord, saveAdventure } from './adventure-rows';
import { arrupDb, type AdventureRecord } from './db';
import { Kept } from './kept.svelte';
import { newId } from './new-id';
import { ownMoves } from './own-move-store.svelte';
import { tabs } from './tabs';

const DEMO_PUT_OUT = 'demoPutOut';

const now = () => new Date().toISOString();

/** All adventures of this browser, newest first. */
class Shelf {
  readonly #kept = new Kept<AdventureRecord>({
    store: 'adventures',
    parse: parseRecord,
    order: (a, b) => b.savedAt.localeCompare(a.savedAt),
  });
  #ready = $state(false);

  get records(): readonly AdventureRecord[] {
    return this.#kept.list;
  }

  get ready(): boolean {
    return this.#ready;
  }

  get demoIsOut(): boolean {
    return this.records.some((record) => record.demo);
  }

  /** On the very first visit the demo is put out, whichever place is visited. */
  async welcome(): Promise<void> {
    const db = await arrupDb();
    if (!(await db.get('settings', DEMO_PUT_OUT))) await this.putOutDemo();
  }

  /** Reads the store. */
  async load(): Promise<void> {
    await this.welcome();
    await this.refresh();
    this.#ready = true;
  }

  async refresh(): Promise<void> {
    await this.#kept.load();
  }

  /** Follows what other tabs do. Returns the way to stop. */
  follow(): () => void {
    return tabs.listen(() => void this.refresh());
  }

  async #put(adventure: Adventure, flags: { demo?: boolean } = {}): Promise<string> {
    await saveAdventure(await arrupDb(), adventure, 0, now(), flags);
    await this.refresh();
    tabs.tell({ type: 'shelf' });
    return adventure.id;
  }

  startNew(): Promise<string> {
    return this.#put(newAdventure(newId));
  }

  duplicate(record: AdventureRecord): Promise<string> {
    const { document } = record;
    return this.#put(copyAdventure(document, `${document.title || 'Untitled'} (copy)`, newId));
  }

  /** A file's adventure comes in beside what is there: an id already taken gets fresh ones. */
  async takeIn(adventure: Adventure): Promise<string> {
    const taken = await (await arrupDb()).get('adventures', adventure.id);
    await ownMoves.welcome(adventure.moves);
    return this.#put(taken ? copyAdventure(adventure, adventure.title, newId) : adventure);
  }

  async remove(id: string): Promise<void> {
    await this.#kept.remove(id);
    await this.refresh();
    tabs.tell({ type: 'shelf' });
  }

  /** Puts a removed adventure back as it was. */
  async putBack(record: AdventureRecord): Promise<void> {
    await (await arrupDb()).put('adventures', record);
    await this.refresh();
    tabs.tell({ type: 'shelf' });
  }

  /** Brings the demo adventures (back), fresh; one that the presenter has changed is kept beside. */
  async putOutDemo(): Promise<void> {
    const db = await arrupDb();
    for (const adventure of await loadDemo()) {
      const stored = await db.get('adventures', adventure.id);
      if (!stored) await saveAdventure(db, adventure, 0, now(), { demo: true });
    }
    await db.put('settings', true, DEMO_PUT_OUT);
    await this.refresh();
    tabs.tell({ type: 'shelf' });
  }

  async removeDemo(): Promise<readonly AdventureRecord[]> {
    const db = await arrupDb();
    const removed = this.records.filter((record) => record.demo);
    for (const { id } of removed) await db.delete('adventures', id);
    await this.refresh();
    tabs.tell({ type: 'shelf' });
    return removed;
  }
}

export const shelf = new Shelf();
