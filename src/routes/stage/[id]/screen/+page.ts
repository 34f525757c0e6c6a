import { readAdventure } from '$lib/store/adventure-rows';
import { onStore } from '$lib/store/written';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  const record = await onStore((db) => readAdventure(db, params.id));
  return { adventure: record?.document ?? null };
};
