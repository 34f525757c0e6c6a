import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { CURRENT_VERSION, DEFAULT_SETTING, USUAL_PREFERENCES } from '$core';
import version1 from '$core/document/migrations/samples/version-1.arrup.json';
import { readAdventure } from './adventure-rows';
import { aside } from './aside.svelte';
import { arrupDb, openArrup, putNow } from './db';
import { preferences } from './preference-store.svelte';
import { presets } from './preset-store.svelte';

/** The store as an older build has left it. */
async function older(
  name: string,
  documents: readonly object[],
  settings: Readonly<Record<string, unknown>> = {},
): Promise<void> {
  const db = await openDB(name, 2, {
    upgrade(fresh) {
      fresh.createObjectStore('adventures', { keyPath: 'id' });
      fresh.createObjectStore('runs', { keyPath: 'id' });
      fresh.createObjectStore('settings');
      fresh.createObjectStore('moves', { keyPath: 'id' });
    },
  });
  for (const [n, document] of documents.entries()) {
    const record = { id: `adv_${n}`, document, revision: 3, savedAt: '', demo: false };
    await db.put('adventures', record);
  }
  for (const [key, value] of Object.entries(settings)) await db.put('settings', value, key);
  db.close();
}

describe('a store of an older build', () => {
  it('has its adventures read as this build writes them, and keeps what cannot be read', async () => {
    const broken = { format: 'arrup', version: 1, title: 7 };
    await older('older', [version1, broken]);
    const db = await openArrup('older');
    const first = await readAdventure(db, 'adv_0');
    expect(first?.document).toMatchObject({ version: CURRENT_VERSION, title: version1.title });
    expect(first?.revision).toBe(3);
    expect(await readAdventure(db, 'adv_1')).toBeUndefined();
    expect((await db.get('adventures', 'adv_1'))?.document).toEqual(broken);
    db.close();
  });

  it('has its presets in rows of their own; one without a name is put aside', async () => {
    const preset = { name: 'Tuesday’s hall', setting: DEFAULT_SETTING };
    await older('listed', [], { presets: [preset, { setting: 3 }] });
    const db = await openArrup('listed');
    expect(await db.getAll('presets')).toEqual([preset]);
    expect(await db.getAll('aside')).toMatchObject([{ store: 'presets', raw: { setting: 3 } }]);
    db.close();
  });
});

beforeAll(() => vi.stubGlobal('localStorage', { getItem: () => null }));

describe('rows that can’t be read', () => {
  it('stay where they are and are told; the others are listed in order', async () => {
    const db = await arrupDb();
    const newer = { version: 109, name: 'from tomorrow', setting: {} };
    await db.put('presets', newer);
    await db.put('presets', { name: 'b', setting: DEFAULT_SETTING });
    await db.put('presets', { version: 2, name: 'a', setting: DEFAULT_SETTING });
    await presets.load();
    expect(presets.list.map(({ name, version }) => [name, version])).toEqual([
      ['a', 2],
      ['b', 2],
    ]);
    expect(aside.in(['presets'])).toMatchObject([
      { store: 'presets', key: 'from tomorrow', raw: newer, problem: { code: 'newer-version' } },
    ]);
    expect(await db.get('presets', 'from tomorrow')).toEqual(newer);
  });

  it('of preferences make room: they are put aside, and the usual ones are taken', async () => {
    const db = await arrupDb();
    const newer = { version: 99, pace: 180 };
    await db.put('settings', newer, 'preferences');
    await preferences.load();
    expect(preferences.current).toEqual(USUAL_PREFERENCES);
    await preferences.change({ volume: 0.3 });
    expect(aside.in(['preferences'])).toMatchObject([{ raw: newer }]);
    expect(await db.getAll('aside')).toMatchObject([{ store: 'preferences', raw: newer }]);
    expect(await db.get('settings', 'preferences')).toMatchObject({
      version: 10,
      volume: 0.3,
    });
  });
});

describe('a row that is put', () => {
  it('is there, in place of the one before; what can’t be kept is refused, and that one stays', async () => {
    const db = await openArrup('put');
    await putNow(db, 'settings', 1, 'ticks');
    await putNow(db, 'settings', 2, 'ticks');
    expect(await db.get('settings', 'ticks')).toBe(2);
    await expect(putNow(db, 'settings', () => 3, 'ticks')).rejects.toThrow();
    expect(await db.get('settings', 'ticks')).toBe(2);
    db.close();
  });
});
