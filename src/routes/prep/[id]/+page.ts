import { openPrep } from '$lib/prep/open-prep';
import { presets } from '$lib/store/preset-store.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  const [draft] = await Promise.all([openPrep(params.id), presets.load()]);
  return { draft };
};
