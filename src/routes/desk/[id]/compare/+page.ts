import { compare } from '$lib/compare/compare-place.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  return { draft: await compare.open(params.id) };
};
