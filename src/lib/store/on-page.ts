import type { DraftNews } from './draft.svelte';

/**
 * What lies open on the page that is shown. It stays as it is when its adventure goes on under another
 * id, and it is where news of it are heard.
 */
export class OnPage<T> {
  #open: T | null = null;
  #hear: (news: DraftNews) => void = () => {};
  readonly #idOf: (open: T) => string;

  constructor(idOf: (open: T) => string) {
    this.#idOf = idOf;
  }

  /** What is open under this id; null where it is another, or nothing. */
  find(id: string): T | null {
    return this.#open && this.#idOf(this.#open) === id ? this.#open : null;
  }

  readonly tell = (news: DraftNews): void => this.#hear(news);

  /** Lies open from now on. Returns the way to leave it. */
  enter(open: T, hear: (news: DraftNews) => void): () => void {
    [this.#open, this.#hear] = [open, hear];
    return () => {
      if (this.#open === open) this.#open = null;
    };
  }
}
