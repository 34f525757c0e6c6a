<!-- A move in its most telling poses, drawn when it comes near the screen. What it shows is said beside it. -->
<script lang="ts">
  import type { Move } from '$core';
  import { pictureUrl, screenPicture } from '$lib/pictures/move-pictures';
  import { shownMode } from '$lib/pictures/screen-paints';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { whenNear } from '$lib/workers/in-gaps';

  type Props = {
    move: Move;
    poses?: number;
    /** Pixels high, or as high as its place. */
    size: number | 'all';
  };
  const { move, poses = 1, size }: Props = $props();

  /** An empty picture, until there is one. */
  const BLANK = 'data:image/svg+xml,%3Csvg xmlns=%22http://www.w3.org/2000/svg%22/%3E';

  let near = $state(false);
  const high = $derived(size === 'all' ? 200 : size);
  const picture = $derived(
    near
      ? screenPicture(move, {
          poses,
          sizePx: high,
          aspect: size === 'all' ? 1 : undefined,
          look: preferences.current.look,
          mode: shownMode(),
        })
      : null,
  );
  // One element for the page to lay out, however many strokes: a script has hundreds of moves.
  const source = $derived(picture ? pictureUrl(picture) : BLANK);
  const wide = $derived(picture ? Math.round((high * picture.width) / picture.height) : high);
</script>

<img
  src={source}
  alt=""
  height={high}
  width={wide}
  class={size === 'all' ? 'all' : ''}
  data-drawn={near}
  {@attach whenNear(() => (near = true))}
/>

<style>
  img {
    max-width: 100%;
    object-fit: contain;
  }
  .all {
    width: 100%;
    height: 100%;
  }
</style>
