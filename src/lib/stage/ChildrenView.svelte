<!-- What children see: picture, name, count, what was drawn. Nothing of what is for the leader. -->
<script lang="ts">
  import { drawsOf, moveBookOf, titleOf, type Adventure } from '$core';
  import type { Shown } from './companions';
  import Scene from './scene/Scene.svelte';
  import { hasTheatre } from './theatre';

  type Props = {
    adventure: Adventure;
    /** What is on; null before it begins. */
    shown: Shown | null;
    over?: boolean;
    /** Where it is led there is nobody any more. */
    gone?: boolean;
    elapsed: () => number | null;
  };
  const { adventure, shown, over = false, gone = false, elapsed }: Props = $props();

  const book = $derived(moveBookOf(adventure));
  const draws = $derived(new Map(drawsOf(adventure).map((beat) => [beat.id, beat])));
</script>

<h1 class="sr-only">{titleOf(adventure)}, the children’s screen</h1>
{#if over}
  <p class="name">Well done!</p>
{:else if gone}
  <p class="name">One moment…</p>
  <p class="small">The Stage is closed. Open it again, and it goes on here.</p>
{:else if !shown}
  <p class="name">{adventure.title || 'Soon…'}</p>
  <p class="small">This window follows the Stage. Start there.</p>
{:else}
  <Scene {shown} {book} {draws} {elapsed} theatre={hasTheatre()} forChildren />
{/if}

<style>
  p {
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
