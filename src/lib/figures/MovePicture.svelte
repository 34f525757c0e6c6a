<!-- A move in its most telling poses. What it shows is said in words beside it. -->
<script lang="ts">
  import type { Move } from '$core';
  import { pictureUrl, screenPicture } from '$lib/pictures/move-pictures';
  import { shownMode } from '$lib/pictures/screen-paints';
  import { preferences } from '$lib/store/preference-store.svelte';

  type Props = {
    move: Move;
    poses?: number;
    /** Pixels high, or as high as its place. */
    size: number | 'all';
  };
  const { move, poses = 1, size }: Props = $props();

  const high = $derived(size === 'all' ? 200 : size);
  const picture = $derived(
    screenPicture(move, {
      poses,
      sizePx: high,
      aspect: size === 'all' ? 1 : undefined,
      look: preferences.current.look,
      mode: shownMode(),
    }),
  );
  // One element for the page to lay out, however many strokes: a script has hundreds of moves.
  const source = $derived(pictureUrl(picture));
</script>

<img
  src={source}
  alt=""
  height={high}
  width={Math.round((high * picture.width) / picture.height)}
  class={size === 'all' ? 'all' : ''}
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
