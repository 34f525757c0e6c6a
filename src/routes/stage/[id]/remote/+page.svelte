<!-- A remote in another tab: a stand-in for a small device in the leader's pocket. -->
<script lang="ts">
  import { page } from '$app/state';
  import { CHANGE_WORDS, SKIP_WORDS } from '$lib/stage/adapt-words';
  import { Follower } from '$lib/stage/follower.svelte';

  const follower = new Follower();
  const shown = $derived(follower.shown);
  const over = $derived(follower.over);
  /** "Mill wheel, 2 of 8, left". */
  const now = $derived.by(() => {
    if (!shown) return '';
    const { main, count, of, side } = shown;
    const counted = count === null ? '' : of === null ? String(count) : `${count} of ${of}`;
    return [main, counted, side ?? ''].filter(Boolean).join(', ');
  });
  const running = $derived(shown?.status === 'running');

  $effect(() => {
    const { id } = page.params;
    if (id) return follower.follow(id);
  });
</script>

<svelte:head><title>Remote · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="remote">
  <h1 class="sr-only">Remote for the Stage</h1>
  <div class="now" data-remote={over ? 'over' : shown ? 'led' : 'waiting'}>
    {#if over}
      <p class="name" role="status">That’s the end. Well led!</p>
    {:else if shown}
      <p class="name">{now}</p>
      {#if shown.said}<p class="said">{shown.said}</p>{/if}
      <p class="next" data-next><span class="text-soft">Next</span> {shown.next}</p>
    {:else}
      <p class="name" role="status">Waiting for the Stage in another tab…</p>
    {/if}
  </div>
  <div class="keys">
    <button type="button" onclick={() => follower.press('back')}>Back</button>
    <button type="button" onclick={() => follower.press('go')}>{running ? 'Pause' : 'Go'}</button>
    <button type="button" class="on" onclick={() => follower.press('next')}>Next</button>
  </div>
  <div class="others">
    {#each shown?.changes ?? [] as { what, label } (what)}
      <button type="button" onclick={() => follower.press(what)}>{label}</button>
    {:else}
      <button type="button" disabled>{CHANGE_WORDS.drink.label}</button>
    {/each}
    <button type="button" onclick={() => follower.press('skip')}>{SKIP_WORDS.label}</button>
  </div>
</main>

<style>
  .remote {
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto auto;
    gap: 0.75rem;
    max-width: 34rem;
    height: 100dvh;
    margin: 0 auto;
    padding: 0.75rem;
  }
  .now {
    display: flex;
    flex-direction: column;
    gap: 0.4rem;
    min-height: 0;
    overflow-y: auto;
  }
  .name {
    font-family: var(--font-heading);
    font-size: 1.9rem;
    font-weight: 800;
    line-height: 1.1;
  }
  .said {
    border-left: 0.25rem solid var(--water);
    padding-left: 0.7rem;
    font-size: 1.3rem;
    line-height: 1.25;
  }
  .next {
    margin-top: auto;
    font-size: 1.25rem;
    font-weight: 600;
  }
  .keys {
    display: grid;
    grid-template-columns: 1fr 1fr 2fr;
    gap: 0.6rem;
  }
  button {
    min-height: 3.4rem;
    border: 2px solid var(--ink);
    border-radius: 1rem;
    padding: 0.2rem 0.4rem;
    font-size: 1.2rem;
    font-weight: 700;
    line-height: 1.1;
    color: var(--ink);
  }
  .keys button {
    min-height: 6rem;
    font-size: 1.5rem;
  }
  .keys .on {
    background: var(--lamp);
    color: var(--on-lamp);
    font-size: 2.5rem;
  }
  .others {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.5rem;
  }
</style>
