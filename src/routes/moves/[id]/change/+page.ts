import { openMoveDraft } from '$lib/store/open-draft';
import { ownMoves } from '$lib/store/own-move-store.svelte';
import { tellDraftNews } from '$lib/ui/draft-news';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ params, parent }) => {
  await parent();
  await ownMoves.load();
  const move = ownMoves.list.find(({ id }) => id === params.id);
  return { draft: move ? openMoveDraft(move, (news) => tellDraftNews(news, () => {})) : null };
};
