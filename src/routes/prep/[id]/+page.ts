import { prep } from '$lib/prep/prep-place';
import { presets } from '$lib/store/preset-store.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  const [draft] = await Promise.all([prep.open(params.id), presets.load()]);
  return { draft };
};
