<!-- What is to be said of the whole, and how many notes stand in the margin. -->
<script lang="ts">
  import type { Desk } from '$lib/desk/desk.svelte';
  import { keyedNotes } from './words';
  import PencilNote from './PencilNote.svelte';

  const { desk }: { desk: Desk } = $props();

  const open = $derived(desk.findings.filter((finding) => finding.setAside === null));
  const inMargin = $derived(open.filter((finding) => finding.place.beatId !== null));
  const whole = $derived(desk.findings.filter((finding) => finding.place.beatId === null));
  const said = $derived.by(() => {
    if (open.length === 0) return 'Nothing to mend.';
    const count = inMargin.length;
    return count === 0 ? '' : `${count} ${count === 1 ? 'note' : 'notes'} in the margin.`;
  });

  function toFirst() {
    const id = inMargin[0]?.place.beatId;
    if (id) desk.focusNext = id;
  }
</script>

<section class="mt-2" aria-label="Notes on the whole session">
  {#if said}
    <p class="text-soft" role="status">
      {said}
      {#if inMargin.length > 0}
        <button type="button" class="ml-1 min-h-6 underline" onclick={toFirst}>To the first</button>
      {/if}
    </p>
  {/if}
  {#if whole.length > 0}
    <ul class="mt-1 grid gap-x-8 gap-y-1 md:grid-cols-2">
      {#each keyedNotes(whole) as { key, finding } (key)}
        <li><PencilNote {desk} {finding} /></li>
      {/each}
    </ul>
  {/if}
</section>
