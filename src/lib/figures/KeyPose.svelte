<!-- One key pose of a figure. -->
<script lang="ts">
  import { lookFor, momentOfKey, pictureOfMoments, type Figure } from '$core';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import { screenPaints, shownMode } from '$lib/pictures/screen-paints';
  import { preferences } from '$lib/store/preferences.svelte';

  type Props = { figure: Figure; index: number; moveId: string; size: number };
  const { figure, index, moveId, size }: Props = $props();

  const picture = $derived.by(() => {
    const choice = preferences.current.look;
    const { build } = lookFor(choice, moveId);
    return pictureOfMoments(
      [momentOfKey(figure, index)],
      screenPaints(choice, moveId, shownMode()),
      { build },
    );
  });
</script>

<PictureSvg {picture} {size} />
