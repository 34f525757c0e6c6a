import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { describe, expect, it } from 'vitest';
import { CURRENT_VERSION } from '$core';
import version1 from '$core/document/migrations/samples/version-1.arrup.json';
import { openArrup } from './db';

/** The store as an older build has left it. */
async function older(name: string, documents: readonly object[]): Promise<void> {
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
  db.close();
}

describe('a store of an older build', () => {
  it('has its adventures brought up to date, and keeps what cannot be read', async () => {
    const broken = { format: 'arrup', version: 1, title: 7 };
    await older('older', [version1, broken]);
    const db = await openArrup('older');
    const first = await db.get('adventures', 'adv_0');
    expect(first?.document).toMatchObject({ version: CURRENT_VERSION, title: version1.title });
    expect(first?.revision).toBe(3);
    expect((await db.get('adventures', 'adv_1'))?.document).toEqual(broken);
    db.close();
  });
});
