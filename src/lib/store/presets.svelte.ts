import { settingSchema, type Setting, type SettingPreset } from '$core';
import { arrupDb } from './db';

const KEY = 'presets';
const MOST = 40;

/** A preset of the presenter's own is a whole setting. */
type OwnPreset = SettingPreset & Readonly<{ setting: Setting }>;

/** The presenter's own settings, kept under names. */
class PresetStore {
  #own = $state.raw<readonly OwnPreset[]>([]);
  #loading: Promise<void> | null = null;

  get own(): readonly OwnPreset[] {
    return this.#own;
  }

  load(): Promise<void> {
    this.#loading ??= (async () => {
      const kept: unknown = await (await arrupDb()).get('settings', KEY);
      if (!Array.isArray(kept)) return;
      // What an older or a newer build has left may be of another shape: it is passed over.
      this.#own = kept.flatMap((one: { name?: unknown; setting?: unknown }) => {
        const parsed = settingSchema.safeParse(one?.setting);
        return typeof one?.name === 'string' && parsed.success
          ? [{ name: one.name, setting: parsed.data }]
          : [];
      });
    })();
    return this.#loading;
  }

  async #put(own: readonly OwnPreset[]): Promise<void> {
    this.#own = own;
    await (await arrupDb()).put('settings', $state.snapshot(own), KEY);
  }

  /** Keeps a setting under a name; one of the same name gives way. */
  async keep(name: string, setting: Setting): Promise<void> {
    const others = this.#own.filter((one) => one.name !== name);
    await this.#put([...others, { name, setting }].slice(-MOST));
  }

  async remove(name: string): Promise<void> {
    await this.#put(this.#own.filter((one) => one.name !== name));
  }
}

export const presets = new PresetStore();
