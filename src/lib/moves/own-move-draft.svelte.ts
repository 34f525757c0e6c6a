import {
  closeStep,
  moveSchema,
  record,
  redo,
  startHistory,
  undo,
  type History,
  type Move,
} from '$core';
import type { SaveState } from '$lib/store/draft.svelte';

/** Typing is saved when it rests for this long. */
const SAVE_REST_MS = 300;

/** An own move being written: undo, and a way into the store. What is not whole yet stays here. */
export class OwnMoveDraft {
  #history: History<Move>;
  #saved: Move;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #state = $state<SaveState>('saved');
  readonly #save: (move: Move) => Promise<void>;

  constructor(move: Move, save: (move: Move) => Promise<void>) {
    this.#history = $state.raw(startHistory(move));
    this.#saved = move;
    this.#save = save;
  }

  get move(): Move {
    return this.#history.present;
  }

  get state(): SaveState {
    return this.#state;
  }

  get canUndo(): boolean {
    return this.#history.past.length > 0;
  }

  get canRedo(): boolean {
    return this.#history.future.length > 0;
  }

  /** A move without a name, say, is not whole: it is kept on the page and not saved. */
  readonly isWhole = $derived.by(() => moveSchema.safeParse(this.move).success);

  change(change: Partial<Move>, key: string | null = null): void {
    this.#take(record(this.#history, { ...this.move, ...change }, key));
  }

  closeStep(): void {
    this.#history = closeStep(this.#history);
  }

  undo(): void {
    this.#take(undo(this.#history));
  }

  redo(): void {
    this.#take(redo(this.#history));
  }

  #take(history: History<Move>): void {
    this.#history = history;
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.flush(), SAVE_REST_MS);
    this.#state = 'unsaved';
  }

  /** Saves what is unsaved and whole, now. */
  async flush(): Promise<void> {
    clearTimeout(this.#timer);
    const { move } = this;
    if (!this.isWhole) return;
    if (move === this.#saved) {
      this.#state = 'saved';
      return;
    }
    try {
      await this.#save(move);
      this.#saved = move;
      this.#state = this.move === move ? 'saved' : 'unsaved';
    } catch {
      this.#state = 'failed';
      this.#timer = setTimeout(() => void this.flush(), 4000);
    }
  }
}
