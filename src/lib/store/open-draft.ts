import { copyAdventure, moveSchema, titleOf, type Adventure, type Move } from '$core';
import { whenIdle } from '$lib/workers/when-idle';
import { adventureFile, jsonFile } from './as-file';
import { readAdventure, saveAdventure } from './adventure-rows';
import { Draft, type DraftNews } from './draft.svelte';
import { newId } from './new-id';
import { ownMoves } from './own-move-store.svelte';
import { tabs } from './tabs';
import { tended } from './tended';
import { today } from './today';
import { troubles, whyNot, type Trouble } from './troubles.svelte';
import { countChange, onStore } from './written';

/** An adventure that is being written. */
export type AdventureDraft = Draft<Adventure>;
/** A move of the presenter's own that is being written. */
export type MoveDraft = Draft<Move>;

let asked = false;
/** With words of the presenter's own in the store, the browser is asked not to clear it by itself. */
function keepForGood(): void {
  if (asked) return;
  asked = true;
  void navigator.storage?.persist?.().catch(() => false);
}

/** An adventure of this browser, to be changed; null if it is not there, or can't be read. */
export async function openDraft(
  id: string,
  tell: (news: DraftNews) => void,
): Promise<AdventureDraft | null> {
  const record = await onStore((db) => readAdventure(db, id));
  if (!record) return null;
  return new Draft<Adventure>(record, {
    save: async (document, base) => {
      const saved = await onStore((db) => saveAdventure(db, document, base, today()));
      if (saved.outcome === 'saved') {
        countChange();
        keepForGood();
        tabs.tell({ type: 'saved', id: document.id, revision: saved.revision });
      }
      return saved;
    },
    load: (wanted) => onStore((db) => readAdventure(db, wanted)),
    asCopy: (document) => {
      const title = `${titleOf(document)} (from the other tab)`;
      return { copy: copyAdventure(document, title, newId), title };
    },
    titleOf,
    isWhole: () => true,
    // A save waits for a gap between key strokes, so that no letter is late for it.
    later: whenIdle,
    tell,
    failing: (reason, document, flush) => {
      const file = () => adventureFile(document);
      tellFailing(`adventure ${document.id}`, titleOf(document), reason, file, flush);
    },
  });
}

/** Tells at the top of the page that something is not saved, until it is. */
function tellFailing(
  key: string,
  title: string,
  reason: unknown,
  file: Trouble['file'],
  again: () => Promise<void>,
): void {
  if (reason === null) troubles.solved(key);
  else {
    const text = `“${title}” isn’t saved: ${whyNot(reason)} Keep this tab open: your words are here.`;
    troubles.report({ key, text, file, again });
  }
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
      failing: (reason, document, flush) => {
        const file = () => jsonFile('move.json', document);
        tellFailing(`move ${document.id}`, document.name, reason, file, flush);
      },
    },
  );
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
