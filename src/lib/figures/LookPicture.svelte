<!-- What a choice of look looks like: one child of it, or three of all. -->
<script lang="ts">
  import { builtInFigure, LOOKS, pictureOfFigure, type LookChoice } from '$core';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import { onScreen, shownMode } from '$lib/pictures/screen-paints';

  const { choice, size }: { choice: LookChoice; size: number } = $props();

  const HELLO = 'step-jack';
  const SOME = 3;
  const figure = builtInFigure(HELLO)!;
  const shown = $derived(choice === 'mixed' ? LOOKS.slice(0, SOME).map(({ id }) => id) : [choice]);
  const pictures = $derived(
    shown.map((id) => {
      const { build, paints } = onScreen(id, HELLO, shownMode());
      return pictureOfFigure(figure, 1, paints, { build });
    }),
  );
</script>

<span class="flex">
  {#each pictures as picture, n (shown[n])}<PictureSvg {picture} {size} />{/each}
</span>
