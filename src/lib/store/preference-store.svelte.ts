import {
  parseDocument,
  PREFERENCES,
  USUAL_PREFERENCES,
  withLearned,
  type Pace,
  type PaceView,
  type Preferences,
} from '$core';
import { aside, putAside, putAsideBefore } from './aside.svelte';
import { arrupDb, putNow } from './db';
import { written } from './written';

export type Mode = 'light' | 'dark' | 'system';

/** A colleague's pace, and what it is called. */
type OthersPace = Readonly<{ view: PaceView; pace: Pace }>;

const KEY = 'preferences';
const MODE_KEY = 'arrup.mode';

class PreferenceStore {
  #current = $state.raw<Preferences>(USUAL_PREFERENCES);
  #mode = $state<Mode>('system');
  #loading: Promise<void> | null = null;
  #othersPace = $state.raw<OthersPace | null>(null);
  readonly #pace = $derived.by(() => {
    const { pace, learned, paceAside } = this.#current;
    return this.#othersPace?.pace ?? withLearned(pace, learned, paceAside);
  });

  get current(): Preferences {
    return this.#current;
  }

  /** The pace that sessions are timed at: the presenter's own with what was learned, or another's. */
  get pace(): Pace {
    return this.#pace;
  }

  /** In whose pace sessions are looked at, until the page is loaded anew: null for the presenter's own. */
  get othersPace(): OthersPace | null {
    return this.#othersPace;
  }
  set othersPace(others: OthersPace | null) {
    this.#othersPace = others;
  }

  get mode(): Mode {
    return this.#mode;
  }

  load(): Promise<void> {
    this.#loading ??= (async () => {
      const stored = localStorage.getItem(MODE_KEY);
      this.#mode = stored === 'light' || stored === 'dark' ? stored : 'system';
      await this.#read();
    })();
    return this.#loading;
  }

  /** What can't be read makes room for the usual ones, and is put where nothing writes over it. */
  async #read(): Promise<void> {
    const db = await arrupDb();
    const kept = await db.get('settings', KEY);
    if (kept !== undefined) {
      const parsed = parseDocument(PREFERENCES, kept);
      if (parsed.ok) this.#current = parsed.value;
      else {
        await putAside(db, { store: 'preferences', key: KEY, raw: kept });
        await db.delete('settings', KEY);
      }
    }
    aside.note('preferences', await putAsideBefore('preferences'));
  }

  async change(change: Partial<Preferences>): Promise<void> {
    this.#current = { ...this.#current, ...change };
    await written('Your choices', (db) =>
      putNow(db, 'settings', $state.snapshot(this.#current), KEY),
    ).catch(() => undefined);
  }

  setMode(mode: Mode): void {
    this.#mode = mode;
    if (mode === 'system') localStorage.removeItem(MODE_KEY);
    else localStorage.setItem(MODE_KEY, mode);
    const dark = matchMedia('(prefers-color-scheme: dark)').matches;
    const shown = mode === 'system' ? (dark ? 'dark' : 'light') : mode;
    document.documentElement.dataset.mode = shown;
  }
}

export const preferences = new PreferenceStore();
