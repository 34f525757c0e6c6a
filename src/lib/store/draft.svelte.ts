import {
  closeStep,
  copyAdventure,
  record as recordStep,
  redo,
  startHistory,
  undo,
  type Adventure,
  type History,
  type NewId,
} from '$core';
import type { SaveOutcome } from './adventures';
import type { AdventureRecord } from './db';

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'failed';

/** What a draft needs of the world outside, passed in so that tests can stand in for it. */
export type DraftWorld = Readonly<{
  save: (document: Adventure, base: number) => Promise<SaveOutcome>;
  load: (id: string) => Promise<AdventureRecord | undefined>;
  newId: NewId;
  /** Runs after so many milliseconds; returns the way to call it off. */
  later: (run: () => void, ms: number) => () => void;
  /** Something happened that the presenter should know. */
  tell: (news: DraftNews) => void;
}>;

export type DraftNews =
  | Readonly<{ kind: 'taken over'; title: string }>
  | Readonly<{ kind: 'kept as a copy'; title: string; id: string }>
  | Readonly<{ kind: 'not saved'; reason: string }>;

/** Typing is saved when it rests for this long, and at the latest after the second. */
export const SAVE_REST_MS = 300;
export const SAVE_LATEST_MS = 800;
const RETRY_MS = 4000;

/** An adventure being written: its history, and its way into the store. */
export class Draft {
  #history: History<Adventure>;
  #state = $state<SaveState>('saved');
  #base: number;
  #saved: Adventure;
  #callOff: (() => void) | null = null;
  #unsavedSince: number | null = null;
  #saving: Promise<void> | null = null;
  /** The presenter has been told that saving fails: once is enough. */
  #told = false;
  #watcher = () => {};
  readonly #world: DraftWorld;
  readonly #now: () => number;

  constructor(record: AdventureRecord, world: DraftWorld, now: () => number = () => Date.now()) {
    this.#history = $state.raw(startHistory(record.document));
    this.#saved = record.document;
    this.#base = record.revision;
    this.#world = world;
    this.#now = now;
  }

  get adventure(): Adventure {
    return this.#history.present;
  }

  /** Tells when the document is another, at once. One listener: the desk that it lies on. */
  watch(listener: () => void): void {
    this.#watcher = listener;
  }

  #set(history: History<Adventure>): void {
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
  edit(change: (adventure: Adventure) => Adventure, key: string | null = null): void {
    this.#take(recordStep(this.#history, change(this.adventure), key));
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

  #take(history: History<Adventure>): void {
    if (history.present === this.adventure) return;
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
    if (this.adventure === this.#saved) {
      this.#unsavedSince = null;
      this.#state = 'saved';
      return;
    }
    this.#saving = this.#saveNow();
    await this.#saving;
    this.#saving = null;
  }

  async #saveNow(): Promise<void> {
    const document = this.adventure;
    this.#state = 'saving';
    this.#unsavedSince = null;
    try {
      const { outcome, record } = await this.#world.save(document, this.#base);
      if (outcome === 'changed elsewhere') return await this.#keepAsCopy(document);
      this.#base = record.revision;
      this.#saved = document;
      this.#told = false;
      this.#state = this.adventure === document ? 'saved' : 'unsaved';
    } catch (reason) {
      this.#state = 'failed';
      if (!this.#told) this.#world.tell({ kind: 'not saved', reason: String(reason) });
      this.#told = true;
      this.#saveIn(RETRY_MS);
    }
  }

  /**
   * Two tabs typed at the same moment. The other was first: its words stay where they are, and
   * what stands here goes on as an adventure of its own. Nothing is lost on either side.
   */
  async #keepAsCopy(document: Adventure): Promise<void> {
    const title = `${document.title || 'Untitled adventure'} (from the other tab)`;
    const copy = copyAdventure(document, title, this.#world.newId);
    const { record } = await this.#world.save(copy, 0);
    this.#set(startHistory(copy));
    this.#saved = copy;
    this.#base = record.revision;
    this.#state = 'saved';
    this.#world.tell({ kind: 'kept as a copy', title, id: copy.id });
  }

  /** Another tab has saved. With nothing unsaved here its words are shown, as a step to undo. */
  async hear(id: string, revision: number): Promise<void> {
    if (id !== this.adventure.id || revision <= this.#base) return;
    if (this.#state !== 'saved') return;
    const record = await this.#world.load(id);
    if (!record || record.revision <= this.#base || this.#state !== 'saved') return;
    this.#set(recordStep(this.#history, record.document));
    this.#saved = record.document;
    this.#base = record.revision;
    this.#world.tell({ kind: 'taken over', title: record.document.title });
  }
}
