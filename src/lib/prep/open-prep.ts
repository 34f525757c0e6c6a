import { OnPage } from '$lib/store/on-page';
import { openDraft, type AdventureDraft } from '$lib/store/open-draft';
import { flushDrafts } from '$lib/store/tended';

export const prepOnPage = new OnPage<AdventureDraft>(({ document }) => document.id);

/** The adventure that is prepared; null if it is not there. */
export async function openPrep(id: string): Promise<AdventureDraft | null> {
  const open = prepOnPage.find(id);
  if (open) return open;
  await flushDrafts();
  return openDraft(id, prepOnPage.tell);
}
