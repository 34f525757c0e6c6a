import type { Problem, Result } from '$core';
import { aside, putAsideBefore, type AsideItem, type StoreName } from './aside.svelte';
import { throwAway } from './throw-away';
import { onStore } from './written';

type RowStore = Exclude<StoreName, 'preferences'>;

export type KeptOptions<T> = Readonly<{
  store: RowStore;
  /** A row as it is kept, checked and brought to this build's version. */
  parse: (row: unknown) => Result<T>;
  /** The order in which they are listed. */
  order: (a: T, b: T) => number;
}>;

/** The key of a row that may be anything. */
function keyIn(row: unknown): string {
  const { id, name } = (row ?? {}) as { id?: unknown; name?: unknown };
  return String(id ?? name ?? '');
}

/**
 * One kind of document in the browser's store: every row is checked when it is read, and one that
 * can't be read is left where it is and told. The one way to rows of runs, own moves, presets and
 * adventures.
 */
export class Kept<T> {
  #list = $state.raw<readonly T[]>([]);
  #ready = $state(false);
  readonly #options: KeptOptions<T>;

  constructor(options: KeptOptions<T>) {
    this.#options = options;
  }

  get list(): readonly T[] {
    return this.#list;
  }

  get ready(): boolean {
    return this.#ready;
  }

  #check(rows: readonly unknown[]): { good: T[]; bad: AsideItem[] } {
    const { store, parse } = this.#options;
    const good: T[] = [];
    const bad: AsideItem[] = [];
    for (const row of rows) {
      const parsed = parse(row);
      if (parsed.ok) good.push(parsed.value);
      else {
        const problem: Problem | null = parsed.problems[0] ?? null;
        bad.push({ store, key: keyIn(row), raw: row, problem });
      }
    }
    return { good, bad };
  }

  async load(): Promise<void> {
    const { store, order } = this.#options;
    const { good, bad } = this.#check(await onStore((db) => db.getAll(store)));
    this.#list = good.sort(order);
    aside.note(store, [...bad, ...(await putAsideBefore(store))]);
    this.#ready = true;
  }

  /** One of them, or undefined where it is not there or can't be read. */
  async get(key: string): Promise<T | undefined> {
    return this.#check([await onStore((db) => db.get(this.#options.store, key))]).good[0];
  }

  /** Those among these rows that can be read. */
  readable(rows: readonly unknown[]): readonly T[] {
    return this.#check(rows).good;
  }

  /** Puts one of them in the trash, as it is; gives its place there, or null where it is not here. */
  async remove(key: string): Promise<number | null> {
    return throwAway(this.#options.store, key);
  }
}
