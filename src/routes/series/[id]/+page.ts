import { openSeries } from '$lib/series/series-work.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  return { work: await openSeries(params.id) };
};
