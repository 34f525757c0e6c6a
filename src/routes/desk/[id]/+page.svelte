<script lang="ts">
  import { goto, onNavigate } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import type { Desk } from '$lib/desk/desk.svelte';
  import DeskView from '$lib/desk/DeskView.svelte';
  import { openDesk, tend } from '$lib/desk/open-desk';
  import type { DraftNews } from '$lib/store/draft.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';
  import { notices } from '$lib/ui/notices.svelte';

  let desk = $state.raw<Desk | null>(null);
  let missing = $state(false);

  function tell(news: DraftNews) {
    if (news.kind === 'taken over') {
      notices.say('Changed in another tab: this is how it stands there. Undo brings yours back.');
    } else if (news.kind === 'kept as a copy') {
      notices.say(
        `Another tab was writing here at the same moment. Its words stay as they are; yours go on as “${news.title}”.`,
        undefined,
        true,
      );
      // The desk stays as it is under the new address: the effect below knows it by its id.
      void goto(resolve('/desk/[id]', { id: news.id }), {
        replaceState: true,
        keepFocus: true,
        noScroll: true,
      });
    } else {
      notices.say(
        `This could not be saved in the browser (${news.reason}). Keep the tab open: it tries again. Prep can save a file.`,
      );
    }
  }

  $effect(() => {
    const { id } = page.params;
    if (!id || desk?.draft.adventure.id === id) return;
    missing = false;
    void openDesk(id, tell).then((opened) => {
      desk = opened;
      missing = opened === null;
    });
  });

  // Prep and the Stage read what is saved: the last words come along.
  onNavigate(async () => {
    await desk?.draft.flush();
  });

  $effect(() => {
    if (desk) return tend(desk.draft);
  });
</script>

<svelte:head><title>{desk?.adventure.title || 'Desk'} · Arrup</title></svelte:head>

{#if desk}
  <DeskView {desk} />
{:else if missing}
  <NotHere what="adventure" />
{/if}
