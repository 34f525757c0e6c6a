import type { DraftNews } from './draft.svelte';
import { OnPage } from './on-page';
import { openDraft, tend, type AdventureDraft } from './open-draft';
import { flushDrafts } from './tended';

/** A place in which an adventure lies open to be changed: opened once, and as long as it is shown. */
export class DraftPlace {
  readonly #onPage = new OnPage<AdventureDraft>(({ document }) => document.id);

  /** The adventure as it lies open here, or opened anew; null if it is not in this browser. */
  async open(id: string): Promise<AdventureDraft | null> {
    const open = this.#onPage.find(id);
    if (open) return open;
    await flushDrafts();
    return openDraft(id, this.#onPage.tell);
  }

  /** It is shown from now on. Returns the way to leave it. */
  enter(draft: AdventureDraft, hear: (news: DraftNews) => void): () => void {
    const stopTending = tend(draft);
    const leave = this.#onPage.enter(draft, hear);
    return () => {
      stopTending();
      leave();
    };
  }
}
