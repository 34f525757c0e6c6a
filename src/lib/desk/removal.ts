import { goneBetween, type Adventure, type Gone } from '$core';
import { notices } from '$lib/ui/notices.svelte';

/** "A line is out", as the message says that offers the way back. */
function goneInWords({ what, count }: NonNullable<Gone>): string {
  return count === 1 ? `A ${what} is out.` : `${count} ${what}s are out.`;
}

/**
 * Whatever is taken out of a script, a chapter or a move in a line, is told in one way, with the way back
 * beside it: as long as nothing else was changed. Undo by keyboard goes on after that.
 */
export class Removals {
  #told: Readonly<{ after: Adventure; notice: number }> | null = null;

  tell(before: Adventure, after: Adventure, undo: () => void): void {
    const gone = goneBetween(before, after);
    if (!gone) return;
    const notice = notices.say(goneInWords(gone), { label: 'Undo', run: undo });
    this.#told = { after, notice };
  }

  /** The script is another now: what was told of before can't be undone by its button any more. */
  settle(now: Adventure): void {
    if (!this.#told || this.#told.after === now) return;
    notices.close(this.#told.notice);
    this.#told = null;
  }
}
