<!-- What a cue asks for, drawn: the move, and others at the same time each by itself. -->
<script lang="ts">
  import type { Move } from '$core';
  import LivingFigure from '$lib/figures/LivingFigure.svelte';
  import type { CueFigure } from './cue-figure';

  type Props = {
    move: Move;
    others: readonly Move[];
    figure: CueFigure;
    /** Seconds since the cue began. */
    into: number;
  };
  const { move, others, figure, into }: Props = $props();

  const elapsed = () => (figure.inStep ? into : null);
</script>

<div class={['figure', others.length > 0 && 'side-by-side']} data-figures={1 + others.length}>
  <LivingFigure
    {move}
    held={figure.held}
    flip={figure.flip}
    secondsPerRep={figure.secondsPerRep}
    {elapsed}
  />
  {#each others as other (other.id)}
    <LivingFigure move={other} held={figure.held} secondsPerRep={figure.secondsPerRep} {elapsed} />
  {/each}
</div>

<style>
  .figure {
    min-height: 0;
    max-height: 60vh;
    align-self: center;
    height: 100%;
  }
  .side-by-side {
    display: grid;
    grid-auto-rows: minmax(0, 1fr);
  }
</style>
