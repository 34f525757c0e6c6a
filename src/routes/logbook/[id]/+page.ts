import { runs } from '$lib/store/run-store.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  return { run: (await runs.get(params.id)) ?? null };
};
