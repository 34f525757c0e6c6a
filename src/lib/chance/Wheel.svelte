<!-- The spinner as it will look: sectors as wide as they are likely, each with its number. -->
<script lang="ts">
  import { wheelSectors, type Draw, type Move } from '$core';
  import { pictureUrl, screenPicture } from '$lib/pictures/move-pictures';
  import { shownMode } from '$lib/pictures/screen-paints';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { sectorHue } from './sector-look';

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

  const sectors = $derived(wheelSectors(entries.map(({ weight }) => weight)));
</script>

<svg
  width={pixels}
  height={pixels}
  viewBox="-1.06 -1.06 2.12 2.12"
  role="img"
  aria-label="Spinner: {names.map((name, n) => `${n + 1} ${name}`).join(', ')}"
>
  {#each sectors as { index, path, picture, name } (entries[index]!.id)}
    {@const move = moves[index]}
    {@const tag = move ? name : picture}
    <!-- By keyboard each entry is a line of the table beside it. -->
    <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
    <path
      class={['sector', onpick && 'cursor-pointer']}
      d={path}
      fill={move ? `color-mix(in oklab, ${sectorHue(index)} 45%, var(--raised))` : sectorHue(index)}
      onclick={() => onpick?.(entries[index]!.id)}
    />
    <circle class="tag" cx={tag.x} cy={tag.y} r={move ? 0.12 : 0.16} />
    <text class="number" x={tag.x} y={tag.y + 0.06}>{index + 1}</text>
    {#if move}
      <image
        class="picture"
        href={pictureUrl(
          screenPicture(move, {
            poses: 1,
            sizePx: (picture.height * pixels) / 2,
            aspect: 1,
            look: preferences.current.look,
            mode: shownMode(),
          }),
        )}
        x={picture.x - picture.height / 2}
        y={picture.y - picture.height / 2}
        width={picture.height}
        height={picture.height}
      />
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
