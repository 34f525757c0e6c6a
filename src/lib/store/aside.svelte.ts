import type { Problem } from '$core';
import { arrupDb, type ArrupDb } from './db';
import { today } from './today';

export type StoreName = 'adventures' | 'runs' | 'moves' | 'presets' | 'preferences';

/** Something that this build can't read. It stays as it was found. */
export type AsideItem = Readonly<{
  store: StoreName;
  key: string;
  raw: unknown;
  /** Why; null for what was put aside before. */
  problem: Problem | null;
}>;

/** What is kept but can't be read, by the store that it is in. */
class Aside {
  #items = $state.raw<Readonly<Partial<Record<StoreName, readonly AsideItem[]>>>>({});

  /** What was found in these stores, in their order. */
  in(stores: readonly StoreName[]): readonly AsideItem[] {
    return stores.flatMap((store) => this.#items[store] ?? []);
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
  const all = await (await arrupDb()).getAll('aside');
  return all
    .filter((one) => one.store === store)
    .map(({ key, raw }) => ({ store, key, raw, problem: null }));
}
