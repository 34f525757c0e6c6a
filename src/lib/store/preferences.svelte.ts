import {
  DEFAULT_PACE,
  type CountsMode,
  type HoldsMode,
  type Ink,
  type LengthUnit,
  type LinesMode,
  type LookChoice,
  type PackPartId,
  type Paper,
} from '$core';
import { arrupDb } from './db';

export type Mode = 'light' | 'dark' | 'system';

/** What the presenter has chosen once for all adventures. */
export type Preferences = Readonly<{
  wordsPerMinute: number;
  volume: number;
  muted: boolean;
  /** A little music while they work or travel by the clock. */
  music: boolean;
  musicVolume: number;
  /** The Stage reads lines aloud with the device's own voice. */
  speak: boolean;
  lines: LinesMode;
  holds: HoldsMode;
  counts: CountsMode;
  paper: Paper;
  ink: Ink;
  unit: LengthUnit;
  /** Which child is in the pictures. */
  look: LookChoice;
  /** Parts of the print pack that are left out. */
  notPrinted: readonly PackPartId[];
}>;

const USUAL: Preferences = {
  wordsPerMinute: DEFAULT_PACE.wordsPerMinute,
  volume: 0.6,
  muted: false,
  music: false,
  musicVolume: 0.6,
  speak: false,
  lines: 'run on',
  holds: 'run on',
  counts: 'tempo',
  paper: 'a4',
  ink: 'colour',
  unit: 'metres',
  look: 'mixed',
  // To colour in, to stick on: asked for when they are wanted.
  notPrinted: ['script', 'stickers'],
};

const MODE_KEY = 'arrup.mode';

class PreferenceStore {
  #current = $state.raw<Preferences>(USUAL);
  #mode = $state<Mode>('system');
  #loading: Promise<void> | null = null;

  get current(): Preferences {
    return this.#current;
  }

  get pace() {
    return { ...DEFAULT_PACE, wordsPerMinute: this.#current.wordsPerMinute };
  }

  get mode(): Mode {
    return this.#mode;
  }

  load(): Promise<void> {
    this.#loading ??= (async () => {
      const stored = localStorage.getItem(MODE_KEY);
      this.#mode = stored === 'light' || stored === 'dark' ? stored : 'system';
      const kept = await (await arrupDb()).get('settings', 'preferences');
      this.#current = { ...USUAL, ...(kept as Partial<Preferences> | undefined) };
    })();
    return this.#loading;
  }

  async change(change: Partial<Preferences>): Promise<void> {
    this.#current = { ...this.#current, ...change };
    await (await arrupDb()).put('settings', this.#current, 'preferences');
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
