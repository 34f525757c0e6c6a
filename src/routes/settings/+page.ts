import { ownMusic } from '$lib/stage/own-music';
import { ownMoves } from '$lib/store/own-move-store.svelte';
import { presets } from '$lib/store/preset-store.svelte';
import { shelf } from '$lib/store/shelf.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  const [music] = await Promise.all([ownMusic(), presets.load(), ownMoves.load(), shelf.load()]);
  return { music };
};
