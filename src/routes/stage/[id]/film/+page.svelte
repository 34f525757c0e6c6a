<script lang="ts">
  import FilmRoom from '$lib/stage/FilmRoom.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
</script>

<svelte:head><title>Film {data.plan?.adventure.title || 'it'} · Arrup</title></svelte:head>

{#if data.plan}
  {#key data.plan}<FilmRoom plan={data.plan} />{/key}
{:else}
  <NotHere what="adventure" />
{/if}
