import { loadPlan } from '$lib/stage/load-plan';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  return { plan: await loadPlan(params.id) };
};
