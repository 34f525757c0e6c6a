/** Gives a fresh id that begins with `prefix_`. */
export type NewId = (prefix: string) => string;

/** What an id begins with, before its first "_": what kind of thing it names. */
export function prefixOf(id: string): string {
  return id.slice(0, id.indexOf('_'));
}
