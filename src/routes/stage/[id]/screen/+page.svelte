<!-- The children's screen: picture, name, count. Kept in step with the Stage in another window. -->
<script lang="ts">
  import { moveBookOf, titleOf } from '$core';
  import { page } from '$app/state';
  import LivingFigure from '$lib/figures/LivingFigure.svelte';
  import { SIGNS } from '$lib/pictures/move-pictures';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import CountRing from '$lib/stage/CountRing.svelte';
  import { Follower } from '$lib/stage/follower.svelte';
  import { stayAwake } from '$lib/stage/ticker';
  import { fitText } from '$lib/ui/fit-text';
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

  const picture = $derived.by(() => {
    if (shown?.kind === 'drink') return SIGNS.drink;
    if (shown?.kind === 'say' || shown?.kind === 'ask') return SIGNS[shown.kind];
    return null;
  });
  const book = $derived(adventure && moveBookOf(adventure));
  const move = $derived((shown?.move && book?.get(shown.move)) || null);
  const others = $derived(shown?.also.flatMap((id) => book?.get(id) ?? []) ?? []);
</script>

<svelte:head><title>For the children: {adventure?.title || 'Stage'} · Arrup</title></svelte:head>

{#if !adventure}
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
      <div class={['both', shown.count !== null && 'counted']}>
        {#if move}
          <div class="picture" data-move={move.id}>
            <LivingFigure
              {move}
              held={shown.held}
              flip={shown.flip}
              secondsPerRep={shown.secondsPerRep}
              elapsed={() => follower.elapsed()}
            />
          </div>
          {#each others as other (other.id)}
            <div class="picture">
              <LivingFigure
                move={other}
                held={shown.held}
                secondsPerRep={shown.secondsPerRep}
                elapsed={() => follower.elapsed()}
              />
            </div>
          {/each}
        {:else if picture}
          <div class="picture" aria-hidden="true">
            <PictureSvg {picture} size="100%" strokeWidth={1.4} />
          </div>
        {/if}
        {#if shown.count !== null}
          <CountRing count={shown.count} of={shown.of} share={shown.share} />
        {/if}
      </div>
      <div class="words"><p class="name" {@attach fitText(48, 170)}>{shown.main}</p></div>
      <p class="small">
        {[shown.side && `${shown.side} side`, shown.round].filter(Boolean).join(' · ')}
      </p>
    {/if}
  </main>
{/if}

<style>
  .screen {
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 1.5vh;
    height: 100dvh;
    padding: 2vh 3vw;
    overflow: hidden;
    text-align: center;
  }
  .both {
    display: flex;
    flex: 1 1 0;
    align-items: center;
    justify-content: center;
    gap: 6vw;
    min-height: 0;
    width: 100%;
  }
  .picture {
    height: min(52vh, 60vw);
    aspect-ratio: 1;
    color: var(--water);
  }
  .picture + .picture {
    margin-left: -4vw;
  }
  .counted .picture {
    height: min(48vh, 42vw);
  }
  .words {
    width: 100%;
    height: 26vh;
    overflow: hidden;
  }
  .name {
    font-family: var(--font-heading);
    font-weight: 800;
    font-size: clamp(3rem, 14vh, 10rem);
    line-height: 1.04;
    text-wrap: balance;
  }
  .small {
    min-height: 1.3em;
    font-size: clamp(1.5rem, 5vh, 3.5rem);
    font-weight: 650;
    color: var(--soft);
  }
</style>
