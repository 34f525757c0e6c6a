import { noteChange } from './changes';
import { arrupDb, forgetDb, type ArrupDb } from './db';
import { isClosed, troubles, whyNot, type Trouble } from './troubles.svelte';

/** Does its work on the store, once more on a fresh one where it was closed meanwhile. */
export async function onStore<T>(run: (db: ArrupDb) => Promise<T>): Promise<T> {
  try {
    return await run(await arrupDb());
  } catch (reason) {
    if (!isClosed(reason)) throw reason;
    forgetDb();
    return run(await arrupDb());
  }
}

/** Where the count of changes stands among the settings. */
export const CHANGES = 'changes';
const COUNT_REST_MS = 1000;
let counting: ReturnType<typeof setTimeout> | null = null;
let uncounted = 0;

/** A change was saved: it is counted beside the store, and in it as soon as there is a moment. */
export function countChange(): void {
  noteChange();
  uncounted += 1;
  counting ??= setTimeout(() => {
    counting = null;
    const more = uncounted;
    uncounted = 0;
    void onStore(async (db) => {
      const tx = db.transaction('settings', 'readwrite');
      const before = Number((await tx.store.get(CHANGES)) ?? 0);
      await tx.store.put(before + more, CHANGES);
      await tx.done;
    }).catch(() => undefined);
  }, COUNT_REST_MS);
}

/**
 * Writes to the store. Where it fails, that is told at the top of the page until it works: `what` is the
 * thing in words ("The log of this session"). Rejects as the store does.
 */
export async function written<T>(
  what: string,
  run: (db: ArrupDb) => Promise<T>,
  file: Trouble['file'] = null,
): Promise<T> {
  try {
    const result = await onStore(run);
    countChange();
    troubles.solved(what);
    return result;
  } catch (reason) {
    const text = `${what} couldn’t be saved: ${whyNot(reason)}`;
    const again = () => written(what, run, file).catch(() => undefined);
    troubles.report({ key: what, text, file, again });
    throw reason;
  }
}
