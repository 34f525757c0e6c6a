import { openReview } from '$lib/review/review-work.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  return { work: await openReview(params.id) };
};
