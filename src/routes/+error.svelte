<script lang="ts">
  import { page } from '$app/state';

  const isLost = $derived(page.status === 404);
</script>

<svelte:head><title>{isLost ? 'No such page' : 'Something went wrong'} · Arrup</title></svelte:head>
{#await import('$lib/ui/Rescue.svelte') then { default: Rescue }}
  <Rescue
    title={isLost ? 'There’s no such page here.' : 'Something went wrong on this page.'}
    reason={isLost
      ? 'The address may have a slip in it.'
      : `It couldn’t be shown: ${page.error?.message ?? ''}`}
  />
{/await}
