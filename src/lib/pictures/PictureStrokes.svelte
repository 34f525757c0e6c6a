<!-- The strokes of a picture, within an SVG. -->
<script lang="ts">
  import type { Stroke } from '$core';

  const { strokes }: { strokes: readonly Stroke[] } = $props();
</script>

{#each strokes as [element, attributes], n (n)}
  <svelte:element this={element} {...attributes} xmlns="http://www.w3.org/2000/svg" />
{/each}
