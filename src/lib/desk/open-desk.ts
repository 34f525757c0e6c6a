import { check } from '$core';
import { OnPage } from '$lib/store/on-page';
import { openDraft } from '$lib/store/open-draft';
import { flushDrafts } from '$lib/store/tended';
import { ownMoves } from '$lib/store/own-move-store.svelte';
import { preferences } from '$lib/store/preference-store.svelte';
import { Desk } from './desk.svelte';

export const deskOnPage = new OnPage<Desk>(({ draft }) => draft.document.id);

/** The desk for an adventure of this browser; null if it is not there. */
export async function openDesk(id: string): Promise<Desk | null> {
  const open = deskOnPage.find(id);
  if (open) return open;
  await flushDrafts();
  await ownMoves.load();
  const draft = await openDraft(id, deskOnPage.tell);
  if (!draft) return null;
  return new Desk(
    draft,
    () => preferences.pace,
    () => ownMoves.list,
    (...asked) =>
      preferences.current.wordNotes
        ? check(...asked)
        : check(...asked).filter(({ rule }) => rule !== 'hurtful-words'),
  );
}
