import { backups } from '$lib/backup/backup-state.svelte';
import { flushDrafts } from '$lib/store/tended';
import { shelf } from '$lib/store/shelf.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ parent }) => {
  await parent();
  try {
    await flushDrafts();
    await shelf.load();
    await backups.load();
    return { trouble: '' };
  } catch (reason) {
    return {
      trouble: `Your adventures can’t be read from this browser’s store: ${String(reason)}. A private window may forbid it.`,
    };
  }
};
