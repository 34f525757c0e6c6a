<!-- A remote in another tab: a stand-in for a small device in the leader's pocket. -->
<script lang="ts">
  import { page } from '$app/state';
  import type { RemoteKey } from '$lib/stage/companions';
  import { Follower } from '$lib/stage/follower.svelte';

  const follower = new Follower();
  const shown = $derived(follower.shown);
  const over = $derived(follower.over);

  $effect(() => {
    const { id } = page.params;
    if (id) return follower.follow(id);
  });

  const KEYS: readonly (readonly [RemoteKey, string])[] = [
    ['back', 'Back'],
    ['go', 'Go or pause'],
    ['again', 'Once more'],
    ['fewer', 'Fewer'],
    ['easier', 'Easier'],
    ['drink', 'Drink now'],
    ['skip', 'Skip this'],
  ];
</script>

<svelte:head><title>Remote · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="remote">
  <h1 class="sr-only">Remote for the Stage</h1>
  <p class="now" role="status" data-remote={over ? 'over' : shown ? 'led' : 'waiting'}>
    {#if over}
      It is over. Well led!
    {:else if shown}
      {shown.main}{shown.count === null ? '' : `, ${shown.count}`}
    {:else}
      Waiting for the Stage in another tab…
    {/if}
  </p>
  <button type="button" class="next" onclick={() => follower.press('next')}>Next</button>
  <div class="others">
    {#each KEYS as [key, label] (key)}
      <button type="button" onclick={() => follower.press(key)}>{label}</button>
    {/each}
  </div>
</main>

<style>
  .remote {
    display: grid;
    grid-template-rows: auto minmax(0, 2fr) minmax(0, 3fr);
    gap: 0.75rem;
    max-width: 34rem;
    height: 100dvh;
    margin: 0 auto;
    padding: 1rem;
  }
  .now {
    font-size: 1.4rem;
    font-weight: 700;
    min-height: 2lh;
  }
  button {
    border: 2px solid var(--ink);
    border-radius: 1.1rem;
    font-size: 1.35rem;
    font-weight: 700;
    color: var(--ink);
  }
  .next {
    background: var(--lamp);
    color: var(--on-lamp);
    font-size: 2.5rem;
  }
  .others {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.75rem;
    min-height: 0;
  }
</style>
