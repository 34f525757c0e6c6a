import type { DraftNews } from '$lib/store/draft.svelte';
import { notices } from './notices.svelte';

/** Tells what happened to an adventure that is open here. `follow`: it goes on under another id. */
export function tellDraftNews(news: DraftNews, follow: (id: string) => void): void {
  if (news.kind === 'taken over') {
    notices.say('Changed in another tab: this is how it stands there. Undo brings yours back.');
  } else {
    notices.say(
      `Another tab was writing here at the same moment. Its words stay as they are; yours go on as “${news.title}”.`,
      undefined,
      true,
    );
    follow(news.id);
  }
}
