<script lang="ts">
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { compare } from '$lib/compare/compare-place.svelte';
  import CompareView from '$lib/compare/CompareView.svelte';
  import { tellDraftNews } from '$lib/ui/draft-news';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const draft = $derived(data.draft);

  $effect(() => {
    if (!draft) return;
    const leave = compare.enter(draft, (news) =>
      tellDraftNews(
        news,
        (id) => void goto(resolve('/desk/[id]/compare', { id }), { replaceState: true }),
      ),
    );
    return () => {
      leave();
      compare.theirs = null;
    };
  });
</script>

<svelte:head><title>Side by side · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-5xl px-4 pb-24 text-lg sm:px-6">
  {#if draft}
    <CompareView {draft} />
  {:else}
    <NotHere what="adventure" />
  {/if}
</main>
