<!-- A picture of a move, drawn in strokes, `size` high. What it shows is said in words beside it. -->
<script lang="ts">
  import type { Picture } from '$core';
  import PictureStrokes from './PictureStrokes.svelte';

  type Props = { picture: Picture; size?: number | string; strokeWidth?: number };
  const { picture, size = 24, strokeWidth = 2 }: Props = $props();
</script>

<svg
  xmlns="http://www.w3.org/2000/svg"
  viewBox="0 0 {picture.width} {picture.height}"
  height={size}
  width={typeof size === 'number' ? (size * picture.width) / picture.height : size}
  fill="none"
  stroke="currentColor"
  stroke-width={strokeWidth}
  stroke-linecap="round"
  stroke-linejoin="round"
  aria-hidden="true"
>
  <PictureStrokes strokes={picture.strokes} />
</svg>
