import { copyAdventure, newAdventure, titleOf, type Adventure } from '$core';
import { loadDemo } from '$lib/demo/demo-adventures';
import { parseRecord, saveAdventure } from './adventure-rows';
import { adventureFile } from './as-file';
import type { AdventureRecord } from './db';
import { Kept } from './kept.svelte';
import { newId } from './new-id';
import { tabs } from './tabs';
import { today } from './today';
import { onStore, written } from './written';

const DEMO_PUT_OUT = 'demoPutOut';

/** All adventures of this browser, newest first. */
class Shelf {
  readonly #kept = new Kept<AdventureRecord>({
    store: 'adventures',
    parse: parseRecord,
    newest: (row) => String((row as { savedAt?: unknown } | null)?.savedAt ?? ''),
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

  /** Nothing here is the presenter's own yet. */
  get isNew(): boolean {
    return this.#ready && this.records.every(({ demo, revision }) => demo && revision <= 1);
  }

  /** On the very first visit the demo is put out, whichever place is visited. */
  async welcome(): Promise<void> {
    if (!(await onStore((db) => db.get('settings', DEMO_PUT_OUT)))) await this.putOutDemo();
  }

  /** Reads the store. */
  async load(): Promise<void> {
    await this.welcome();
    await this.refresh();
    this.#ready = true;
  }

  /** Resolves when every adventure is there. */
  whole(): Promise<void> {
    return this.#kept.whole();
  }

  async refresh(): Promise<void> {
    await this.#kept.load();
  }

  /** Follows what other tabs do. Returns the way to stop. */
  follow(): () => void {
    return tabs.listen(() => void this.refresh());
  }

  async #put(adventure: Adventure, flags: { demo?: boolean } = {}): Promise<string> {
    const file = () => adventureFile(adventure);
    const what = `“${titleOf(adventure)}”`;
    await written(what, (db) => saveAdventure(db, adventure, 0, today(), flags), file);
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

  /**
   * A file's adventure comes in beside what is there: an id already taken gets fresh ones. Moves that it
   * brings along are for this adventure alone.
   */
  async takeIn(adventure: Adventure): Promise<string> {
    const taken = await onStore((db) => db.get('adventures', adventure.id));
    return this.#put(taken ? copyAdventure(adventure, adventure.title, newId) : adventure);
  }

  /** Puts it in the trash; gives its place there. */
  async remove(id: string): Promise<number | null> {
    const place = await this.#kept.remove(id);
    await this.refresh();
    tabs.tell({ type: 'shelf' });
    return place;
  }

  /** Brings the demo adventures (back), fresh; one that the presenter has changed is kept beside. */
  async putOutDemo(): Promise<void> {
    const demo = await loadDemo();
    await written('The demo', async (db) => {
      for (const adventure of demo) {
        const stored = await db.get('adventures', adventure.id);
        if (!stored) await saveAdventure(db, adventure, 0, today(), { demo: true });
      }
      await db.put('settings', true, DEMO_PUT_OUT);
    });
    await this.refresh();
    tabs.tell({ type: 'shelf' });
  }

  /** Demo adventures that the presenter has written in. */
  get rewrittenDemo(): readonly AdventureRecord[] {
    return this.records.filter(({ demo, revision }) => demo && revision > 1);
  }

  /** Puts these in the trash; gives their places there. */
  async removeAll(records: readonly AdventureRecord[]): Promise<readonly (number | null)[]> {
    const places: (number | null)[] = [];
    for (const { id } of records) places.push(await this.#kept.remove(id));
    await this.refresh();
    tabs.tell({ type: 'shelf' });
    return places;
  }
}

export const shelf = new Shelf();
