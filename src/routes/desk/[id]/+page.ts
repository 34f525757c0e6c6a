import { openDesk } from '$lib/desk/open-desk';
import { presets } from '$lib/store/presets.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  const [desk] = await Promise.all([openDesk(params.id), presets.load()]);
  return { desk };
};
