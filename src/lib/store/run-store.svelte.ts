import { parseDocument, RUN, type Run } from '$core';
import { arrupDb } from './db';
import { Kept } from './kept.svelte';

/** What was led, newest first. */
class Runs extends Kept<Run> {
  constructor() {
    super({
      store: 'runs',
      parse: (row) => parseDocument(RUN, row),
      order: (a, b) => b.startedAt.localeCompare(a.startedAt),
    });
  }

  async ofAdventure(id: string): Promise<readonly Run[]> {
    const db = await arrupDb();
    return this.readable(await db.getAllFromIndex('runs', 'byAdventure', id));
  }

  async put(run: Run): Promise<void> {
    await (await arrupDb()).put('runs', run);
  }
}

export const runs = new Runs();
