import type { Adventure } from '$core';
import { shelf } from '$lib/store/shelf.svelte';
import { tabs } from '$lib/store/tabs';
import { onStore } from '$lib/store/written';

/** Takes an adventure off the shelf that nothing was ever written in. */
export async function dropIfBlank({ id, title, world, chapters }: Adventure): Promise<void> {
  const isBlank = !title && !world.want && chapters.every(({ beats }) => beats.length === 0);
  if (!isBlank) return;
  await onStore((db) => db.delete('adventures', id)).catch(() => undefined);
  await shelf.refresh();
  tabs.tell({ type: 'shelf' });
}
