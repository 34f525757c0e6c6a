import { ownMoves } from '$lib/store/own-moves.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  await ownMoves.load();
};
