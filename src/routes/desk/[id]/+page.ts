import { openDesk } from '$lib/desk/open-desk';
import { presets } from '$lib/store/preset-store.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  const [desk] = await Promise.all([openDesk(params.id), presets.load()]);
  return { desk };
};
