<!-- The children's screen: picture, name, count, what was drawn. Kept in step with the Stage in another window. -->
<script lang="ts">
  import { drawsOf, moveBookOf, titleOf } from '$core';
  import { page } from '$app/state';
  import { Follower } from '$lib/stage/follower.svelte';
  import Scene from '$lib/stage/scene/Scene.svelte';
  import { hasTheatre } from '$lib/stage/theatre';
  import { stayAwake } from '$lib/stage/ticker';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const adventure = $derived(data.adventure);
  const follower = new Follower();
  const shown = $derived(follower.shown);
  const over = $derived(follower.over);

  $effect(() => {
    const { id } = page.params;
    if (!id) return;
    const deaf = follower.follow(id);
    const sleep = stayAwake();
    return () => {
      deaf();
      sleep();
    };
  });

  const book = $derived(adventure && moveBookOf(adventure));
  const draws = $derived(
    new Map(adventure ? drawsOf(adventure).map((beat) => [beat.id, beat]) : []),
  );
</script>

<svelte:head><title>For the children: {adventure?.title || 'Stage'} · Arrup</title></svelte:head>

{#if !adventure || !book}
  <NotHere what="adventure" />
{:else}
  <main
    id="main"
    tabindex="-1"
    class="screen"
    data-shown={over ? 'over' : follower.gone ? 'gone' : (shown?.kind ?? 'waiting')}
  >
    <h1 class="sr-only">{titleOf(adventure)}, the children’s screen</h1>
    {#if over}
      <p class="name">Well done!</p>
    {:else if follower.gone}
      <p class="name">One moment…</p>
      <p class="small">The Stage is closed. Open it again, and it goes on here.</p>
    {:else if !shown}
      <p class="name">{adventure.title || 'Soon…'}</p>
      <p class="small">This window follows the Stage. Start there.</p>
    {:else}
      <Scene
        {shown}
        {book}
        {draws}
        elapsed={() => follower.elapsed()}
        theatre={hasTheatre()}
        forChildren
      />
    {/if}
  </main>
{/if}

<style>
  .screen {
    display: flex;
    flex-direction: column;
    justify-content: center;
    gap: 1.5vh;
    height: 100dvh;
    padding: 2vh 3vw;
    overflow: hidden;
  }
  .screen > p {
    text-align: center;
  }
  .name {
    font-family: var(--font-heading);
    font-weight: 800;
    font-size: clamp(3rem, 14vmin, 10rem);
    line-height: 1.04;
    text-wrap: balance;
  }
  .small {
    font-size: clamp(1.5rem, 5vmin, 3.5rem);
    font-weight: 650;
    color: var(--soft);
  }
</style>
