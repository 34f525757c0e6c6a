<!-- A first draft on the Shelf: what it is, and the wish that it comes of. -->
<script lang="ts">
  import type { Adventure } from '$core';
  import DraftPanel from './DraftPanel.svelte';

  const { ontake }: { ontake: (adventure: Adventure) => void } = $props();
</script>

<section id="draft" class="mb-10" aria-labelledby="draft-title">
  <h2 id="draft-title" class="text-2xl">A first draft</h2>
  <p class="mt-1 mb-4 max-w-prose text-soft">
    Say what the story wants, and a whole session comes of it. It’s a beginning: read it, draw parts
    of it again, and make it yours.
  </p>
  <DraftPanel {ontake} />
</section>
