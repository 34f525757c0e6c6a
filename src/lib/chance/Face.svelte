<!-- One face of a die: pips up to six, a number beyond. -->
<script lang="ts">
  import { pipsOf } from '$core';

  type Props = { face: number; pixels?: number };
  const { face, pixels = 30 }: Props = $props();

  /** From the middle of the face to a pip at its edge. */
  const SPREAD = 0.26;
  const pips = $derived(
    pipsOf(face).map(([x, y]) => [0.5 + x * SPREAD, 0.5 + y * SPREAD] as const),
  );
</script>

<svg
  class="shrink-0"
  width={pixels}
  height={pixels}
  viewBox="0 0 1 1"
  role="img"
  aria-label={String(face)}
>
  <rect class="face" x="0.03" y="0.03" width="0.94" height="0.94" rx="0.18" />
  {#each pips as [x, y] (`${x} ${y}`)}<circle class="pip" cx={x} cy={y} r="0.095" />{/each}
  {#if pips.length === 0}<text class="number" x="0.5" y="0.68">{face}</text>{/if}
</svg>

<style>
  .face {
    fill: var(--raised);
    stroke: var(--ink);
    stroke-width: 0.06;
  }
  .pip,
  .number {
    fill: var(--ink);
  }
  .number {
    font-family: var(--font-heading);
    font-size: 0.52px;
    font-weight: 800;
    text-anchor: middle;
  }
</style>
