<!-- The spinner as it will look: sectors as wide as they are likely, each with its number. -->
<script lang="ts">
  import type { Draw } from '$core';
  import { sectorHue, sectorPath } from './sector-look';

  type Props = {
    entries: Draw['entries'];
    names: readonly string[];
    pixels?: number;
    /** A sector was touched. */
    onpick?: (entryId: string) => void;
  };
  const { entries, names, pixels = 190, onpick }: Props = $props();

  const sectors = $derived.by(() => {
    const all = entries.reduce((sum, { weight }) => sum + weight, 0) || 1;
    let from = 0;
    return entries.map(({ id, weight }, index) => {
      const to = from + weight / all;
      const angle = ((from + to) / 2 - 0.25) * 2 * Math.PI;
      const sector = {
        id,
        index,
        path: sectorPath(from, to),
        x: Math.cos(angle) * 0.68,
        y: Math.sin(angle) * 0.68,
        shown: weight > 0,
      };
      from = to;
      return sector;
    });
  });
</script>

<svg
  width={pixels}
  height={pixels}
  viewBox="-1.06 -1.06 2.12 2.12"
  role="img"
  aria-label="Spinner: {names.map((name, n) => `${n + 1} ${name}`).join(', ')}"
>
  {#each sectors as { id, index, path, x, y, shown } (id)}
    {#if shown}
      <!-- By keyboard each entry is a line of the table beside it. -->
      <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
      <path
        class={['sector', onpick && 'cursor-pointer']}
        d={path}
        fill={sectorHue(index)}
        onclick={() => onpick?.(id)}
      />
      <circle class="tag" cx={x} cy={y} r="0.16" />
      <text class="number" {x} y={y + 0.07}>{index + 1}</text>
    {/if}
  {/each}
  <circle class="hub" r="0.07" />
</svg>

<style>
  .sector {
    stroke: var(--ink);
    stroke-width: 0.03;
    stroke-linejoin: round;
  }
  .tag,
  .number {
    pointer-events: none;
  }
  .tag {
    fill: var(--raised);
  }
  .number {
    fill: var(--ink);
    font-family: var(--font-heading);
    font-size: 0.2px;
    font-weight: 800;
    text-anchor: middle;
  }
  .hub {
    fill: var(--ink);
  }
</style>
