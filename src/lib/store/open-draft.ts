import { saveAdventure } from './adventures';
import { arrupDb } from './db';
import { Draft, type DraftNews } from './draft.svelte';
import { newId } from './new-id';
import { tabs } from './tabs';
import { whenIdle } from '$lib/workers/when-idle';

/** An adventure of this browser, to be changed; null if it is not there. */
export async function openDraft(
  id: string,
  tell: (news: DraftNews) => void,
): Promise<Draft | null> {
  const db = await arrupDb();
  const record = await db.get('adventures', id);
  if (!record) return null;
  return new Draft(record, {
    save: async (document, base) => {
      const saved = await saveAdventure(db, document, base, new Date().toISOString());
      if (saved.outcome === 'saved') {
        tabs.tell({ type: 'saved', id: document.id, revision: saved.record.revision });
      }
      return saved;
    },
    load: (wanted) => db.get('adventures', wanted),
    newId,
    // A save waits for a gap between key strokes, so that no letter is late for it.
    later: whenIdle,
    tell,
  });
}

/** Keeps a draft in step with other tabs and safe when this one goes. Returns the way to stop. */
export function tend(draft: Draft): () => void {
  const flush = () => void draft.flush();
  const hidden = () => {
    if (document.visibilityState === 'hidden') flush();
  };
  window.addEventListener('pagehide', flush);
  document.addEventListener('visibilitychange', hidden);
  const deaf = tabs.listen((message) => {
    if (message.type === 'saved') void draft.hear(message.id, message.revision);
  });
  return () => {
    flush();
    window.removeEventListener('pagehide', flush);
    document.removeEventListener('visibilitychange', hidden);
    deaf();
  };
}
