<!-- Dice that tumble and come to rest on their faces; no tumbling where they're meant to be still. -->
<script lang="ts">
  import Face from '$lib/chance/Face.svelte';
  import { faceAfter, TURNS_MS } from './tumbling';

  type Props = { faces: readonly number[]; sides: number; falling: boolean };
  const { faces, sides, falling }: Props = $props();

  let turn = $state(0);

  $effect(() => {
    if (!falling) return;
    const timers = TURNS_MS.map((ms, n) => setTimeout(() => (turn = n + 1), ms));
    return () => timers.forEach(clearTimeout);
  });
  const turns = $derived(falling ? turn : TURNS_MS.length);
</script>

<span class={['dice', falling && 'falling']} class:pair={faces.length > 1}>
  {#each faces as last, n (n)}
    <span class="die"><Face face={faceAfter(turns, last, n, sides)} pixels={100} /></span>
  {/each}
</span>

<style>
  .dice {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 4cqmin;
    width: 100%;
    height: 100%;
    container-type: size;
  }
  .die {
    flex: none;
    width: 96cqmin;
    aspect-ratio: 1;
  }
  .pair .die {
    width: min(46cqw, 84cqh);
  }
  .dice:has(.die:nth-child(3)) .die {
    width: min(23cqw, 84cqh);
  }
  .die :global(svg) {
    width: 100%;
    height: 100%;
  }
  .falling .die {
    animation: tumble 1.5s cubic-bezier(0.2, 0.7, 0.3, 1) both;
  }
  .falling .die:nth-child(2) {
    animation-duration: 1.65s;
  }
  @keyframes tumble {
    from {
      transform: translate(-40%, -60%) rotate(-540deg) scale(0.6);
    }
    45% {
      transform: translate(14%, 8%) rotate(-150deg) scale(0.92);
    }
    75% {
      transform: translate(-4%, -10%) rotate(-30deg) scale(0.95);
    }
    to {
      transform: none;
    }
  }
</style>
