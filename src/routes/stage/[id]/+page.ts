import { openStage } from '$lib/stage/open-stage';
import { flushDrafts } from '$lib/store/tended';
import { preferences } from '$lib/store/preference-store.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  await flushDrafts();
  return { plan: await openStage(params.id, preferences.pace, new Date()) };
};
