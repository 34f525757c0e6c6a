import { trash } from '$lib/store/trash.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  await trash.load();
};
