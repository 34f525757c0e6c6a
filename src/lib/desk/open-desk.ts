import type { DraftNews } from '$lib/store/draft.svelte';
import { openDraft } from '$lib/store/open-draft';
import { ownMoves } from '$lib/store/own-moves.svelte';
import { preferences } from '$lib/store/preferences.svelte';
import { Desk } from './desk.svelte';

/** The desk for an adventure of this browser; null if it is not there. */
export async function openDesk(id: string, tell: (news: DraftNews) => void): Promise<Desk | null> {
  await ownMoves.load();
  const draft = await openDraft(id, tell);
  if (!draft) return null;
  return new Desk(
    draft,
    () => preferences.pace,
    () => ownMoves.list,
  );
}
