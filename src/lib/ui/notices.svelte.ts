/** A short message at the foot of the page, with one thing to do about it where there is one. */
export type Notice = Readonly<{
  id: number;
  text: string;
  action?: Readonly<{ label: string; run: () => void | Promise<void> }>;
  /** A trouble stays until it is closed. */
  stays: boolean;
}>;

class Notices {
  #list = $state.raw<readonly Notice[]>([]);
  #next = $state(1);

  /** Those that are shown; whatever shows them closes them in time. */
  get list(): readonly Notice[] {
    return this.#list;
  }
  /** Something was said on this page. */
  get begun(): boolean {
    return this.#next > 1;
  }

  /** Gives the id by which it can be closed. */
  say(text: string, action?: Notice['action'], stays = false): number {
    const notice = { id: this.#next, text, action, stays };
    this.#next += 1;
    this.#list = [...this.#list.slice(-2), notice];
    return notice.id;
  }

  close(id: number): void {
    this.#list = this.#list.filter((notice) => notice.id !== id);
  }
}

export const notices = new Notices();
