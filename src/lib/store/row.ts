/*
 * What a row of the store says of itself, whatever it is: it may be of another build, or broken.
 */

/** Stores whose rows are documents of the presenter's, each under a key of its own. */
export const ROW_STORES = ['adventures', 'runs', 'moves', 'presets', 'series'] as const;
export type RowStore = (typeof ROW_STORES)[number];

type Fields = Readonly<Record<string, unknown>>;
const fieldsOf = (row: unknown): Fields => (row ?? {}) as Fields;

/** The key of a row. */
export function keyIn(row: unknown): string {
  const { id, name } = fieldsOf(row);
  return String(id ?? name ?? '');
}

/** What a row is called; empty where it has no name. */
export function nameOfRow(raw: unknown): string {
  const row = fieldsOf(raw);
  const inner = fieldsOf(row.document ?? row.move ?? row);
  const name = inner.title ?? inner.name;
  return typeof name === 'string' ? name : '';
}
