import { ownMoves } from '$lib/store/own-move-store.svelte';
import { shelf } from '$lib/store/shelf.svelte';
import { flushDrafts } from '$lib/store/tended';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  await flushDrafts();
  await Promise.all([shelf.load(), ownMoves.load()]);
};
