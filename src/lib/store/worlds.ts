import { worldSchema, worldsOf, type World } from '$core';
import { onStore } from './written';

/** The worlds of everything on the shelf; a story that can't be read has none. */
export async function worldsOnShelf(): Promise<readonly World[]> {
  const rows = await onStore((db) => db.getAll('adventures'));
  const newest = rows.sort((a, b) => b.savedAt.localeCompare(a.savedAt));
  const worlds = newest.flatMap(({ document }) => {
    const read = worldSchema.safeParse(document?.world);
    return read.success ? [{ world: read.data }] : [];
  });
  return worldsOf(worlds);
}
