<script lang="ts">
  import { page } from '$app/state';
  import StageRoom from '$lib/stage/StageRoom.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const speed = $derived(Number(page.url.searchParams.get('speed') ?? 1));
</script>

<svelte:head><title>{data.plan?.adventure.title || 'Stage'} · Arrup</title></svelte:head>

{#if data.plan}
  {#key data.plan}<StageRoom plan={data.plan} {speed} />{/key}
{:else}
  <NotHere what="adventure" />
{/if}
