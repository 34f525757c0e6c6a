import { saveAdventure } from '$lib/store/adventures';
import { arrupDb } from '$lib/store/db';
import { Draft, type DraftNews } from '$lib/store/draft.svelte';
import { newId } from '$lib/store/new-id';
import { ownMoves } from '$lib/store/own-moves.svelte';
import { preferences } from '$lib/store/preferences.svelte';
import { tabs } from '$lib/store/tabs';
import { Desk } from './desk.svelte';

/** The desk for an adventure of this browser; null if it is not there. */
export async function openDesk(id: string, tell: (news: DraftNews) => void): Promise<Desk | null> {
  const db = await arrupDb();
  await ownMoves.load();
  const record = await db.get('adventures', id);
  if (!record) return null;
  const draft = new Draft(record, {
    save: async (document, base) => {
      const saved = await saveAdventure(db, document, base, new Date().toISOString());
      if (saved.outcome === 'saved') {
        tabs.tell({ type: 'saved', id: document.id, revision: saved.record.revision });
      }
      return saved;
    },
    load: (wanted) => db.get('adventures', wanted),
    newId,
    later: (run, ms) => {
      const timer = setTimeout(run, ms);
      return () => clearTimeout(timer);
    },
    tell,
  });
  return new Desk(
    draft,
    () => preferences.pace,
    () => ownMoves.list,
  );
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
