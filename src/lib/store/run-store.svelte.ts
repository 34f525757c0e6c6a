import { parseDocument, RUN, type Run } from '$core';
import { jsonFile } from './as-file';
import { putNow } from './db';
import { Kept } from './kept.svelte';
import { onStore, written } from './written';

/** What was led, newest first. */
class Runs extends Kept<Run> {
  constructor() {
    super({
      store: 'runs',
      parse: (row) => parseDocument(RUN, row),
      newest: (row) => String((row as { startedAt?: unknown } | null)?.startedAt ?? ''),
    });
  }

  async ofAdventure(id: string): Promise<readonly Run[]> {
    return this.readable(await onStore((db) => db.getAllFromIndex('runs', 'byAdventure', id)));
  }

  async put(run: Run): Promise<void> {
    const file = () => jsonFile('session-log.json', run);
    await written('The log of this session', (db) => putNow(db, 'runs', run), file);
  }
}

export const runs = new Runs();
