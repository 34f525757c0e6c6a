import { readAdventure } from '$lib/store/adventure-rows';
import { flushDrafts } from '$lib/store/tended';
import { versionsOf } from '$lib/store/version-store';
import { onStore } from '$lib/store/written';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  await flushDrafts();
  const record = await onStore((db) => readAdventure(db, params.id));
  return { now: record?.document ?? null, versions: await versionsOf(params.id) };
};
