import { closeStep, record as recordStep, redo, startHistory, undo, type History } from '$core';

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'failed';

/** A save either lands, or finds that another tab has saved since `base` was read. */
export type SaveOutcome = Readonly<{ outcome: 'saved' | 'changed elsewhere'; revision: number }>;

/** A document as it lies in the store. */
export type Stored<T> = Readonly<{ document: T; revision: number }>;

/** What a draft needs of the world outside, passed in so that tests can stand in for it. */
export type DraftWorld<T> = Readonly<{
  save: (document: T, base: number) => Promise<SaveOutcome>;
  load: (id: string) => Promise<Stored<T> | undefined>;
  /** What stands here under an id of its own, where another tab was first. */
  asCopy: (document: T) => Readonly<{ copy: T; title: string }>;
  titleOf: (document: T) => string;
  /** What is not whole stays on the page and is not saved: a move without a name, say. */
  isWhole: (document: T) => boolean;
  /** Runs after so many milliseconds; returns the way to call it off. */
  later: (run: () => void, ms: number) => () => void;
  /** Something happened that the presenter should know. */
  tell: (news: DraftNews) => void;
  /** It could not be saved, and is tried again; null: it could. `flush` tries at once. */
  failing: (reason: unknown, document: T, flush: () => Promise<void>) => void;
}>;

export type DraftNews =
  | Readonly<{ kind: 'taken over'; title: string }>
  | Readonly<{ kind: 'kept as a copy'; title: string; id: string }>;

/** Typing is saved when it rests for this long, and at the latest after the second. */
export const SAVE_REST_MS = 300;
export const SAVE_LATEST_MS = 800;
const RETRY_MS = 4000;

/** A document being written: its history, and its way into the store. */
export class Draft<T extends Readonly<{ id: string }>> {
  #history: History<T>;
  #state = $state<SaveState>('saved');
  #base: number;
  #saved: T;
  #callOff: (() => void) | null = null;
  #unsavedSince: number | null = null;
  #saving: Promise<void> | null = null;
  #watcher = () => {};
  readonly #world: DraftWorld<T>;
  readonly #now: () => number;

  constructor(record: Stored<T>, world: DraftWorld<T>, now: () => number = () => Date.now()) {
    this.#history = $state.raw(startHistory(record.document));
    this.#saved = record.document;
    this.#base = record.revision;
    this.#world = world;
    this.#now = now;
  }

  get document(): T {
    return this.#history.present;
  }

  readonly isWhole = $derived.by(() => this.#world.isWhole(this.document));

  /** Tells when the document is another, at once. One listener: the desk that it lies on. */
  watch(listener: () => void): void {
    this.#watcher = listener;
  }

  #set(history: History<T>): void {
    this.#history = history;
    this.#watcher();
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

  /** Edits with the same key in a row are undone together. */
  edit(change: (document: T) => T, key: string | null = null): void {
    this.#take(recordStep(this.#history, change(this.document), key));
  }

  /** The next edit is a step of its own. */
  closeStep(): void {
    this.#history = closeStep(this.#history);
  }

  undo(): void {
    this.#take(undo(this.#history));
  }

  redo(): void {
    this.#take(redo(this.#history));
  }

  #take(history: History<T>): void {
    if (history.present === this.document) return;
    this.#set(history);
    this.#schedule();
  }

  #schedule(): void {
    const now = this.#now();
    this.#unsavedSince ??= now;
    this.#state = 'unsaved';
    const left = SAVE_LATEST_MS - (now - this.#unsavedSince);
    this.#saveIn(Math.max(0, Math.min(SAVE_REST_MS, left)));
  }

  #saveIn(ms: number): void {
    this.#callOff?.();
    this.#callOff = this.#world.later(() => void this.flush(), ms);
  }

  /** Saves what is unsaved now. Safe to call at any time. */
  async flush(): Promise<void> {
    this.#callOff?.();
    this.#callOff = null;
    await this.#saving;
    if (!this.isWhole) return;
    if (this.document === this.#saved) {
      this.#unsavedSince = null;
      this.#state = 'saved';
      return;
    }
    this.#saving = this.#saveNow();
    await this.#saving;
    this.#saving = null;
  }

  async #saveNow(): Promise<void> {
    const document = this.document;
    this.#state = 'saving';
    this.#unsavedSince = null;
    try {
      const { outcome, revision } = await this.#world.save(document, this.#base);
      if (outcome === 'changed elsewhere') return await this.#keepAsCopy(document);
      this.#base = revision;
      this.#saved = document;
      this.#world.failing(null, document, () => this.flush());
      this.#state = this.document === document ? 'saved' : 'unsaved';
    } catch (reason) {
      this.#state = 'failed';
      this.#world.failing(reason, this.document, () => this.flush());
      this.#saveIn(RETRY_MS);
    }
  }

  /**
   * Two tabs typed at the same moment. The other was first: its words stay where they are, and
   * what stands here goes on as a document of its own. Nothing is lost on either side.
   */
  async #keepAsCopy(document: T): Promise<void> {
    const { copy, title } = this.#world.asCopy(document);
    const { revision } = await this.#world.save(copy, 0);
    this.#set(startHistory(copy));
    this.#saved = copy;
    this.#base = revision;
    this.#state = 'saved';
    this.#world.tell({ kind: 'kept as a copy', title, id: copy.id });
  }

  /** Another tab has saved. With nothing unsaved here its words are shown, as a step to undo. */
  async hear(id: string, revision: number): Promise<void> {
    if (id !== this.document.id || revision <= this.#base) return;
    if (this.#state !== 'saved') return;
    const record = await this.#world.load(id);
    if (!record || record.revision <= this.#base || this.#state !== 'saved') return;
    this.#set(recordStep(this.#history, record.document));
    this.#saved = record.document;
    this.#base = record.revision;
    this.#world.tell({ kind: 'taken over', title: this.#world.titleOf(record.document) });
  }
}
