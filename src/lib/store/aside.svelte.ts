import type { Problem } from '$core';
import type { ArrupDb } from './db';
import { today } from './today';
import type { RowStore } from './row';
import { throwAway } from './throw-away';
import { onStore, written } from './written';

export type StoreName = RowStore | 'preferences';

/** Something that this build can't read. It stays as it was found. */
export type AsideItem = Readonly<{
  store: StoreName;
  key: string;
  raw: unknown;
  /** Why; null for what was put aside before. */
  problem: Problem | null;
  /** Its place among what was put aside before. */
  asideId?: number;
}>;

/** What is kept but can't be read, by the store that it is in. */
class Aside {
  #items = $state.raw<Readonly<Partial<Record<StoreName, readonly AsideItem[]>>>>({});

  /** What was found in these stores, in their order. */
  in(stores: readonly StoreName[]): readonly AsideItem[] {
    return stores.flatMap((store) => this.#items[store] ?? []);
  }

  forget(store: StoreName, key: string): void {
    this.note(
      store,
      this.in([store]).filter((one) => one.key !== key),
    );
  }

  /** Everything in a store that could not be read when it was read last. */
  note(store: StoreName, items: readonly AsideItem[]): void {
    if (items.length === 0 && !this.#items[store]) return;
    this.#items = { ...this.#items, [store]: items };
  }
}

export const aside = new Aside();

/** Puts a copy of something unreadable where nothing writes over it. */
export async function putAside(
  db: ArrupDb,
  { store, key, raw }: Pick<AsideItem, 'store' | 'key' | 'raw'>,
): Promise<void> {
  await db.add('aside', { store, key, raw, at: today() });
}

/** What was put aside from a store before. */
export async function putAsideBefore(store: StoreName): Promise<readonly AsideItem[]> {
  return onStore(async (db) => {
    const items: AsideItem[] = [];
    for (let at = await db.transaction('aside').store.openCursor(); at; at = await at.continue()) {
      const { key, raw } = at.value;
      if (at.value.store === store) items.push({ store, key, raw, problem: null, asideId: at.key });
    }
    return items;
  });
}

/** Puts something unreadable in the trash; choices that can't be read are let go. */
export async function dropAside({ store, key, asideId }: AsideItem): Promise<void> {
  if (asideId !== undefined) await written('What you deleted', (db) => db.delete('aside', asideId));
  else if (store !== 'preferences') await throwAway(store, key);
  aside.forget(store, key);
}
