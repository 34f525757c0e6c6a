import { parseDocument, PRESET, type Preset, type Setting } from '$core';
import { putNow } from './db';
import { Kept } from './kept.svelte';
import { written } from './written';

const MOST = 40;

/** The presenter's own settings, kept under names. */
class Presets extends Kept<Preset> {
  constructor() {
    super({
      store: 'presets',
      parse: (row) => parseDocument(PRESET, row),
      order: (a, b) => a.name.localeCompare(b.name, 'en'),
    });
  }

  /** Keeps a setting under a name; one of the same name gives way. False where there are too many. */
  async keep(name: string, setting: Setting): Promise<boolean> {
    const isNew = !this.list.some((one) => one.name === name);
    if (isNew && this.list.length >= MOST) return false;
    const kept = { version: 2, name, setting: $state.snapshot(setting) };
    await written(`The place “${name}”`, (db) => putNow(db, 'presets', kept));
    await this.load();
    return true;
  }

  override async remove(name: string): Promise<number | null> {
    const place = await super.remove(name);
    await this.load();
    return place;
  }
}

export const presets = new Presets();
