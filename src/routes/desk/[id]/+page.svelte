<script lang="ts">
  import { goto, onNavigate } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import type { Desk } from '$lib/desk/desk.svelte';
  import DeskView from '$lib/desk/DeskView.svelte';
  import { openDesk } from '$lib/desk/open-desk';
  import type { DraftNews } from '$lib/store/draft.svelte';
  import { tend } from '$lib/store/open-draft';
  import { tellDraftNews } from '$lib/ui/draft-news';
  import NotHere from '$lib/ui/NotHere.svelte';

  let desk = $state.raw<Desk | null>(null);
  let missing = $state(false);

  const tell = (news: DraftNews) =>
    tellDraftNews(news, (id) => {
      // The desk stays as it is under the new address: the effect below knows it by its id.
      void goto(resolve('/desk/[id]', { id }), {
        replaceState: true,
        keepFocus: true,
        noScroll: true,
      });
    });

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
