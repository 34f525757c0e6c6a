<!-- Ready-made sessions on the Shelf: what they are, and all of them. -->
<script lang="ts">
  import type { Adventure } from '$core';
  import StartingPoints from './StartingPoints.svelte';

  const { ontake }: { ontake: (adventure: Adventure) => void } = $props();
</script>

<section id="starts" class="mb-10" aria-labelledby="starts-title">
  <h2 id="starts-title" class="text-2xl">Start from a ready-made session</h2>
  <p class="mt-1 mb-4 max-w-prose text-soft">
    Each is a whole session in Lanternfen, ready to lead. Take one, and make it yours: change the
    story, the moves, the length.
  </p>
  <StartingPoints onstart={ontake} />
</section>
