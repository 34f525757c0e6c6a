import { ownMoves } from '$lib/store/own-move-store.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  await ownMoves.load();
};
