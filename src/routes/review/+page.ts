import { runs } from '$lib/store/run-store.svelte';
import { shelf } from '$lib/store/shelf.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent, url }) => {
  await parent();
  await Promise.all([shelf.load(), runs.load()]);
  return { adventureId: url.searchParams.get('adventure') };
};
