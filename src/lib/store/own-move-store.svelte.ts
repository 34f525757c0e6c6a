import { OWN_MOVE, parseDocument, type Move, type OwnMove } from '$core';
import type { ArrupDb } from './db';
import { Kept } from './kept.svelte';
import { tabs } from './tabs';
import { onStore, written } from './written';

/** An adventure whose copy of a move has been brought up to date. */
type Renewed = Readonly<{ id: string; revision: number }>;

/**
 * Keeps a move, and brings every adventure that carries it up to date, in one transaction: a move
 * mended in the evening is mended in each script by the morning.
 */
export async function saveOwnMove(db: ArrupDb, move: Move): Promise<readonly Renewed[]> {
  const renewed: Renewed[] = [];
  const tx = db.transaction(['moves', 'adventures'], 'readwrite');
  await tx.objectStore('moves').put({ version: 2, id: move.id, move });
  for (let cursor = await tx.objectStore('adventures').openCursor(); cursor;) {
    const { document, revision } = cursor.value;
    if (document.moves.some(({ id }) => id === move.id)) {
      const moves = document.moves.map((one) => (one.id === move.id ? move : one));
      const next = { ...cursor.value, document: { ...document, moves }, revision: revision + 1 };
      await cursor.update(next);
      renewed.push({ id: next.id, revision: next.revision });
    }
    cursor = await cursor.continue();
  }
  await tx.done;
  return renewed;
}

/** The presenter's own moves, by name. */
class OwnMoves {
  readonly #kept = new Kept<OwnMove>({
    store: 'moves',
    parse: (row) => parseDocument(OWN_MOVE, row),
    order: (a, b) => a.move.name.localeCompare(b.move.name, 'en'),
  });
  readonly #list = $derived(this.#kept.list.map(({ move }) => move));

  get list(): readonly Move[] {
    return this.#list;
  }

  get ready(): boolean {
    return this.#kept.ready;
  }

  load(): Promise<void> {
    return this.#kept.load();
  }

  /** Follows what other tabs do. Returns the way to stop. */
  follow(): () => void {
    return tabs.listen(({ type }) => {
      if (type === 'moves') void this.load();
    });
  }

  async #changed(): Promise<void> {
    await this.load();
    tabs.tell({ type: 'moves' });
    tabs.tell({ type: 'shelf' });
  }

  async save(move: Move): Promise<void> {
    const renewed = await onStore((db) => saveOwnMove(db, move));
    for (const { id, revision } of renewed) tabs.tell({ type: 'saved', id, revision });
    await this.#changed();
  }

  /** Adventures that use it keep their own copy. */
  async remove(id: string): Promise<number | null> {
    const place = await this.#kept.remove(id);
    await this.#changed();
    return place;
  }

  /** Moves of a file that the presenter takes for all adventures: those that are not here yet. */
  async welcome(moves: readonly Move[]): Promise<void> {
    if (moves.length === 0) return;
    await written('Moves of yours', async (db) => {
      for (const move of moves) {
        if (!(await db.get('moves', move.id))) {
          await db.put('moves', { version: 2, id: move.id, move });
        }
      }
    });
    await this.#changed();
  }
}

export const ownMoves = new OwnMoves();
