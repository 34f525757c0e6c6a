<!-- The spinner as it will look: sectors as wide as they are likely, each with its number. -->
<script lang="ts">
  import { wheelSectors, type Draw, type Move } from '$core';
  import { screenPicture } from '$lib/pictures/move-pictures';
  import PictureStrokes from '$lib/pictures/PictureStrokes.svelte';
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
  {#each sectors as { index, path, picture, name, turn } (entries[index]!.id)}
    {@const move = moves[index]}
    {@const tag = move ? name : picture}
    <!-- With its move a sector is read where it stops, at the top: turned as it lies. -->
    {@const lies = move ? turn * 360 : 0}
    <!-- By keyboard each entry is a line of the table beside it. -->
    <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
    <path
      class={['sector', onpick && 'cursor-pointer']}
      d={path}
      fill={move ? `color-mix(in oklab, ${sectorHue(index)} 45%, var(--raised))` : sectorHue(index)}
      onclick={() => onpick?.(entries[index]!.id)}
    />
    <circle class="tag" cx={tag.x} cy={tag.y} r={move ? 0.12 : 0.16} />
    <text class="number" x={tag.x} y={tag.y + 0.06} transform="rotate({lies} {tag.x} {tag.y})"
      >{index + 1}</text
    >
    {#if move}
      {@const side = picture.height}
      {@const drawn = screenPicture(move, {
        poses: 1,
        sizePx: (side * pixels) / 2,
        aspect: 1,
        look: preferences.current.look,
        mode: shownMode(),
      })}
      {@const scale = side / Math.max(drawn.width, drawn.height)}
      <!-- Its strokes, and no image: one as small as a part of a unit isn't painted. -->
      <g
        class="picture"
        data-picture={move.id}
        transform="rotate({lies} {picture.x} {picture.y}) translate({picture.x -
          (drawn.width * scale) / 2} {picture.y - (drawn.height * scale) / 2}) scale({scale})"
      >
        <PictureStrokes strokes={drawn.strokes} />
      </g>
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
  .picture {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
    stroke-linecap: round;
    stroke-linejoin: round;
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
