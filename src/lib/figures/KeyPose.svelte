<!-- One key pose of a figure. -->
<script lang="ts">
  import { momentOfKey, pictureOfMoments, type Figure } from '$core';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import { onScreen, shownMode } from '$lib/pictures/screen-paints';
  import { preferences } from '$lib/store/preference-store.svelte';

  type Props = { figure: Figure; index: number; moveId: string; size: number };
  const { figure, index, moveId, size }: Props = $props();

  const picture = $derived.by(() => {
    const { build, paints } = onScreen(preferences.current.look, moveId, shownMode());
    return pictureOfMoments([momentOfKey(figure, index)], paints, { build });
  });
</script>

<PictureSvg {picture} {size} />
