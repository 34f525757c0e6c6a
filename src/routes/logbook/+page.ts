import { learnFromRuns } from '$lib/review/learn';
import { runs } from '$lib/store/run-store.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  await runs.load();
  void learnFromRuns();
};
