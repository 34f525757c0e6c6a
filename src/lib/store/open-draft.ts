import { copyAdventure, moveSchema, titleOf, type Adventure, type Move } from '$core';
import { whenIdle } from '$lib/workers/when-idle';
import { readAdventure, saveAdventure } from './adventure-rows';
import { arrupDb } from './db';
import { Draft, type DraftNews } from './draft.svelte';
import { newId } from './new-id';
import { ownMoves } from './own-move-store.svelte';
import { tabs } from './tabs';

/** An adventure that is being written. */
export type AdventureDraft = Draft<Adventure>;
/** A move of the presenter's own that is being written. */
export type MoveDraft = Draft<Move>;

/** An adventure of this browser, to be changed; null if it is not there, or can't be read. */
export async function openDraft(
  id: string,
  tell: (news: DraftNews) => void,
): Promise<AdventureDraft | null> {
  const db = await arrupDb();
  const record = await readAdventure(db, id);
  if (!record) return null;
  return new Draft<Adventure>(record, {
    save: async (document, base) => {
      const saved = await saveAdventure(db, document, base, new Date().toISOString());
      if (saved.outcome === 'saved') {
        tabs.tell({ type: 'saved', id: document.id, revision: saved.revision });
      }
      return saved;
    },
    load: (wanted) => readAdventure(db, wanted),
    asCopy: (document) => {
      const title = `${titleOf(document)} (from the other tab)`;
      return { copy: copyAdventure(document, title, newId), title };
    },
    titleOf,
    isWhole: () => true,
    // A save waits for a gap between key strokes, so that no letter is late for it.
    later: whenIdle,
    tell,
  });
}

/** One of the presenter's own moves, to be changed; what is saved last counts. */
export function openMoveDraft(move: Move, tell: (news: DraftNews) => void): MoveDraft {
  return new Draft<Move>(
    { document: move, revision: 0 },
    {
      save: async (document, base) => {
        await ownMoves.save(document);
        return { outcome: 'saved', revision: base };
      },
      load: () => Promise.resolve(undefined),
      asCopy: (document) => ({ copy: document, title: document.name }),
      titleOf: ({ name }) => name,
      isWhole: (document) => moveSchema.safeParse(document).success,
      later: whenIdle,
      tell,
    },
  );
}

/** What lies open on this page and may not be saved yet. */
const tended = new Set<Pick<Draft<{ id: string }>, 'flush'>>();

/** Saves what is open and unsaved: another place that reads the store finds the last words there. */
export async function flushDrafts(): Promise<void> {
  await Promise.all([...tended].map((draft) => draft.flush()));
}

/** Keeps a draft in step with other tabs and safe when this one goes. Returns the way to stop. */
export function tend<T extends Readonly<{ id: string }>>(draft: Draft<T>): () => void {
  tended.add(draft);
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
    tended.delete(draft);
    flush();
    window.removeEventListener('pagehide', flush);
    document.removeEventListener('visibilitychange', hidden);
    deaf();
  };
}
