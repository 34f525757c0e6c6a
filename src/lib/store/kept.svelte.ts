import type { Problem, Result } from '$core';
import { aside, putAsideBefore, type AsideItem } from './aside.svelte';
import { keyIn, type RowStore } from './row';
import { throwAway } from './throw-away';
import { inGap } from '$lib/workers/in-gaps';
import { onStore } from './written';

export type KeptOptions<T> = Readonly<{
  store: RowStore;
  /** A row as it is kept, checked and brought to this build's version. */
  parse: (row: unknown) => Result<T>;
}> &
  /**
   * The order in which they are listed; a store that may have many rows has them newest first, by the time
   * in a row as it is kept.
   */
  (
    | Readonly<{ order: (a: T, b: T) => number; newest?: undefined }>
    | Readonly<{ newest: (row: unknown) => string; order?: undefined }>
  );

/** Rows that are checked at once, and then at a time; of very many, more at a time. */
const FIRST_ROWS = 24;
const NEXT_ROWS = 6;
const MANY = 200;

/**
 * One kind of document in the browser's store: every row is checked when it is read, and one that
 * can't be read is left where it is and told. The one way to rows of runs, own moves, presets and
 * adventures.
 */
export class Kept<T> {
  #list = $state.raw<readonly T[]>([]);
  #ready = $state(false);
  #run = 0;
  #whole: Promise<void> = Promise.resolve();
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

  /**
   * Reads the store. It resolves when the first rows are there; of many, the others are checked in gaps
   * and come in after them. `whole` waits for all.
   */
  async load(): Promise<void> {
    const { store, order, newest } = this.#options;
    const run = (this.#run += 1);
    const [rows, before] = await Promise.all([
      onStore((db) => db.getAll(store) as Promise<unknown[]>),
      putAsideBefore(store),
    ]);
    if (newest) rows.sort((a, b) => newest(b).localeCompare(newest(a)));
    const found: { good: T[]; bad: AsideItem[] } = { good: [], bad: [] };
    const take = (count: number) => {
      const { good, bad } = this.#check(rows.splice(0, count));
      found.good.push(...good);
      found.bad.push(...bad);
      this.#list = order ? [...found.good].sort(order) : [...found.good];
      aside.note(store, [...found.bad, ...before]);
    };
    take(newest ? FIRST_ROWS : rows.length);
    this.#ready = true;
    this.#whole = (async () => {
      while (rows.length > 0) {
        await new Promise<void>((resolve) => void inGap(resolve));
        if (run !== this.#run) return;
        take(rows.length > MANY ? NEXT_ROWS * 4 : NEXT_ROWS);
      }
    })();
  }

  /** Resolves when every row of the last reading is there. */
  whole(): Promise<void> {
    return this.#whole;
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
