import { readAdventure } from '$lib/store/adventure-rows';
import { arrupDb } from '$lib/store/db';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  const record = await readAdventure(await arrupDb(), params.id);
  return { adventure: record?.document ?? null };
};
