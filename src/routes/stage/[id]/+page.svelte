<script lang="ts">
  import { page } from '$app/state';
  import StageAfter from '$lib/stage/StageAfter.svelte';
  import StageLinks from '$lib/stage/StageLinks.svelte';
  import StageRoom from '$lib/stage/StageRoom.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const speed = $derived(Number(page.url.searchParams.get('speed') ?? 1));
</script>

<svelte:head><title>{data.plan?.adventure.title || 'Stage'} · Arrup</title></svelte:head>

{#if data.plan}
  {@const { plan } = data}
  {#key plan}
    <StageRoom {plan} {speed}>
      {#snippet links()}<StageLinks id={plan.adventure.id} />{/snippet}
      {#snippet after(session)}<StageAfter {session} />{/snippet}
    </StageRoom>
  {/key}
{:else}
  <NotHere what="adventure" />
{/if}
