<!-- The spinner as it will look: sectors as wide as they are likely, each with its number. -->
<script lang="ts">
  import type { Draw, Move } from '$core';
  import { pictureUrl, screenPicture } from '$lib/pictures/pictures';
  import { shownMode } from '$lib/pictures/screen-paints';
  import { preferences } from '$lib/store/preferences.svelte';
  import { sectorHue, sectorPath } from './sector-look';

  type Props = {
    entries: Draw['entries'];
    names: readonly string[];
    /** The move of each entry, to be drawn in its sector. */
    moves?: readonly Move[];
    pixels?: number;
    /** A sector was touched. */
    onpick?: (entryId: string) => void;
  };
  const { entries, names, moves = [], pixels = 190, onpick }: Props = $props();

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
        cos: Math.cos(angle),
        sin: Math.sin(angle),
        // As wide as the sector is there, and no wider than what is left of the radius.
        size: Math.min(0.56, 1.3 * Math.sin(Math.PI * Math.min(0.5, weight / all))),
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
  {#each sectors as { id, index, path, cos, sin, size, shown } (id)}
    {@const move = moves[index]}
    {@const far = move ? 0.3 : 0.68}
    {#if shown}
      <!-- By keyboard each entry is a line of the table beside it. -->
      <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
      <path
        class={['sector', onpick && 'cursor-pointer']}
        d={path}
        fill={move
          ? `color-mix(in oklab, ${sectorHue(index)} 45%, var(--raised))`
          : sectorHue(index)}
        onclick={() => onpick?.(id)}
      />
      <circle class="tag" cx={cos * far} cy={sin * far} r={move ? 0.12 : 0.16} />
      <text class="number" x={cos * far} y={sin * far + 0.06}>{index + 1}</text>
      {#if move}
        <image
          class="picture"
          href={pictureUrl(
            screenPicture(move, {
              poses: 1,
              sizePx: (size * pixels) / 2,
              aspect: 1,
              look: preferences.current.look,
              mode: shownMode(),
            }),
          )}
          x={cos * 0.68 - size / 2}
          y={sin * 0.68 - size / 2}
          width={size}
          height={size}
        />
      {/if}
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
  .picture,
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
