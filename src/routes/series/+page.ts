import { allSeries } from '$lib/store/series-store.svelte';
import { shelf } from '$lib/store/shelf.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  await Promise.all([allSeries.load(), shelf.load()]);
};
