import { runs } from '$lib/store/runs.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  await runs.load();
};
