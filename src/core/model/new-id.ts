/** Gives a fresh id that begins with `prefix_`. */
export type NewId = (prefix: string) => string;

/** Ids that count up: the same work gives the same ones. `mark` tells whose they are. */
export function idsInOrder(mark: string): NewId {
  let count = 0;
  return (prefix) => `${prefix}_${mark}${(count += 1)}`;
}

/** What an id begins with, before its first "_": what kind of thing it names. */
export function prefixOf(id: string): string {
  return id.slice(0, id.indexOf('_'));
}
