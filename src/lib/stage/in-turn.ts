/** Writes one after another, whatever becomes of each: who writes tells its own trouble. */
export class InTurn {
  #last: Promise<void> = Promise.resolve();

  add(write: () => Promise<void>): void {
    this.#last = this.#last.then(write).catch(() => {});
  }

  /** Everything that was added is done when this resolves. */
  settled(): Promise<void> {
    return this.#last;
  }
}
