<!-- The wheel that slows down until its sector stands at the pointer. -->
<script lang="ts">
  import { wheelSectors, type Draw, type Move } from '$core';
  import Wheel from '$lib/chance/Wheel.svelte';
  import { POINTER } from './outlines';

  type Props = {
    entries: Draw['entries'];
    names: readonly string[];
    moves: readonly Move[];
    entry: number;
    falling: boolean;
  };
  const { entries, names, moves, entry, falling }: Props = $props();

  const FULL_TURNS = 3;
  /** Turned so far that the middle of the sector is at the top, in degrees. */
  const rest = $derived.by(() => {
    const weights = entries.map(({ weight }) => weight);
    const all = weights.reduce((sum, weight) => sum + weight, 0) || 1;
    const before = weights.slice(0, entry).reduce((sum, weight) => sum + weight, 0);
    return -360 * ((before + (weights[entry] ?? 0) / 2) / all);
  });
  const known = $derived(wheelSectors(entries.map(({ weight }) => weight)).length > 0);
</script>

{#if known}
  <span
    class={['wheel', falling && 'falling']}
    style:--rest="{rest}deg"
    style:--from="{rest + 360 * FULL_TURNS}deg"
  >
    <Wheel {entries} {names} {moves} pixels={420} />
  </span>
  <svg class="pointer" viewBox="0 0 40 40" aria-hidden="true"><path d={POINTER} /></svg>
{/if}

<style>
  .wheel {
    width: 94cqmin;
    aspect-ratio: 1;
    transform: rotate(var(--rest));
  }
  .wheel :global(svg) {
    width: 100%;
    height: 100%;
  }
  .falling {
    animation: slow 1.8s cubic-bezier(0.1, 0.6, 0.25, 1) both;
  }
  @keyframes slow {
    from {
      transform: rotate(var(--from));
    }
  }
  .pointer {
    position: absolute;
    top: calc(50% - 50cqmin);
    height: 13cqmin;
    fill: var(--lamp);
    stroke: var(--ink);
    stroke-width: 3;
    stroke-linejoin: round;
  }
</style>
