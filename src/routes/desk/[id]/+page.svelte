<script lang="ts">
  import { beforeNavigate, goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import DeskView from '$lib/desk/DeskView.svelte';
  import { deskOnPage } from '$lib/desk/open-desk';
  import { tend } from '$lib/store/open-draft';
  import { dropIfBlank } from '$lib/desk/drop-blank';
  import { tellDraftNews } from '$lib/ui/draft-news';
  import { page } from '$app/state';
  import { putMove } from '$lib/desk/put-in';
  import { untrack } from 'svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const desk = $derived(data.desk);

  // An adventure that nothing was written in does not stay; on to its Prep or Stage it goes along.
  beforeNavigate(({ to }) => {
    if (desk && to?.params?.id !== desk.adventure.id) void dropIfBlank(desk.adventure);
  });

  // A move that was sent here from its own page goes in once, however often the page is reloaded.
  $effect(() => {
    const id = page.url.searchParams.get('put');
    if (!desk || id === null) return;
    untrack(() => putMove(desk, id));
    void goto(resolve('/desk/[id]', { id: desk.adventure.id }), {
      replaceState: true,
      keepFocus: true,
      noScroll: true,
    });
  });

  $effect(() => {
    if (!desk) return;
    const stopTending = tend(desk.draft);
    const leave = deskOnPage.enter(desk, (news) =>
      tellDraftNews(news, (id) => {
        // The desk stays as it is under the new address.
        void goto(resolve('/desk/[id]', { id }), {
          replaceState: true,
          keepFocus: true,
          noScroll: true,
        });
      }),
    );
    return () => {
      stopTending();
      leave();
    };
  });
</script>

<svelte:head><title>{desk?.adventure.title || 'Desk'} · Arrup</title></svelte:head>

{#if desk}
  {#key desk}<DeskView {desk} />{/key}
{:else}
  <NotHere what="adventure" />
{/if}
