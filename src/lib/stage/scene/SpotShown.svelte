<!-- A spot that is called: its shape in the colour that its name says. -->
<script lang="ts">
  import { namedColour, shapesFor, SPOT_OUTLINES, type Draw } from '$core';
  import { sectorHue } from '$lib/chance/sector-look';

  type Props = { entries: Draw['entries']; entry: number; falling: boolean };
  const { entries, entry, falling }: Props = $props();

  const labels = $derived(entries.map(({ label }) => label));
  const label = $derived(labels[entry] ?? '');
</script>

<svg class={[falling && 'falling']} viewBox="-1.25 -1.25 2.5 2.5" role="img" aria-label={label}>
  <path
    d={SPOT_OUTLINES[shapesFor(labels)[entry] ?? 'circle']}
    fill={namedColour(label) ?? sectorHue(entry)}
  />
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: 100%;
  }
  path {
    stroke: var(--ink);
    stroke-width: 0.07;
    stroke-linejoin: round;
  }
  .falling path {
    transform-origin: 0 0;
    animation: land 1.3s cubic-bezier(0.3, 1.5, 0.5, 1) both;
  }
  @keyframes land {
    from {
      transform: scale(0.05) rotate(-90deg);
    }
    55% {
      transform: scale(1.1) rotate(8deg);
    }
    to {
      transform: none;
    }
  }
</style>
