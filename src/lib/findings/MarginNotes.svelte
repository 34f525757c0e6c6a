<!-- The notes beside a line: the gravest in full, the others behind one word. -->
<script lang="ts">
  import type { Finding } from '$core';
  import type { Desk } from '$lib/desk/desk.svelte';
  import { keyedNotes } from './words';
  import PencilNote from './PencilNote.svelte';

  type Props = {
    desk: Desk;
    notes: readonly Finding[];
    /** The line is being worked on: all of its notes are in sight. */
    all: boolean;
  };
  const { desk, notes, all }: Props = $props();

  let open = $state(false);
  const keyed = $derived(keyedNotes(notes));
  const shown = $derived(all || open ? keyed : keyed.slice(0, 1));
  const more = $derived(keyed.length - shown.length);
</script>

{#each shown as { key, finding } (key)}<PencilNote {desk} {finding} />{/each}
{#if more > 0}
  <button
    type="button"
    class="min-h-6 pl-6 text-sm text-soft underline"
    onclick={() => (open = true)}>and {more} more</button
  >
{/if}
