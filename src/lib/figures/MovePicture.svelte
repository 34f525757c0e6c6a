<!-- A move in its most telling poses. What it shows is said in words beside it. -->
<script lang="ts">
  import type { Move } from '$core';
  import { screenPicture } from '$lib/pictures/pictures';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import { preferences } from '$lib/store/preferences.svelte';

  type Props = { move: Move; poses?: number; size: number | string };
  const { move, poses = 1, size }: Props = $props();

  const picture = $derived(
    screenPicture(move, poses, typeof size === 'number' ? size : 200, preferences.current.look),
  );
</script>

<PictureSvg {picture} {size} />
