<!-- A move as it goes, at its tempo; still poses for those who want less motion. -->
<script lang="ts">
  import { figureOfMove, type Move } from '$core';
  import { prefersReducedMotion } from 'svelte/motion';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { living } from './living-figure';
  import MovePicture from './MovePicture.svelte';

  type Props = {
    move: Move;
    secondsPerRep?: number;
    held?: boolean;
    flip?: boolean;
    /** Seconds since it began, of a clock that is not its own; null for its own. */
    elapsed?: () => number | null;
    /** Still poses, where there is less motion. */
    poses?: number;
  };
  const {
    move,
    secondsPerRep = move.secondsPerRep['5'],
    held = false,
    flip = false,
    elapsed = () => null,
    poses = 2,
  }: Props = $props();

  const still = $derived(prefersReducedMotion.current || figureOfMove(move) === null);
</script>

{#if still}
  <span class={['figure', flip && 'flipped']} data-figure="still" aria-hidden="true">
    <MovePicture {move} {poses} size="all" />
  </span>
{:else}
  <canvas
    class="figure"
    data-figure="living"
    aria-hidden="true"
    {@attach living(() => ({
      move,
      look: preferences.current.look,
      secondsPerRep,
      held,
      flip,
      elapsed: elapsed(),
    }))}
  ></canvas>
{/if}

<style>
  .figure {
    display: block;
    width: 100%;
    height: 100%;
  }
  .flipped {
    transform: scaleX(-1);
  }
</style>
