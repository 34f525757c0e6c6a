<!-- All notes in one place, the gravest first: those on the whole, those beside lines, and those that wait. -->
<script lang="ts">
  import { notesByBeat, type RuleId } from '$core';
  import { SvelteMap } from 'svelte/reactivity';
  import type { Desk } from '$lib/desk/desk.svelte';
  import { keyedNotes, mendAllOf } from './words';
  import PencilNote from './PencilNote.svelte';

  const { desk }: { desk: Desk } = $props();

  let early = $state(false);

  const notes = $derived(desk.notes);
  const shown = $derived(early ? [...notes.open, ...notes.waiting] : notes.open);
  const whole = $derived(shown.filter(({ place }) => place.beatId === null));
  /** Those beside lines, by line, in the order of the gravest of each. */
  const beside = $derived([...notesByBeat(shown)]);
  /** Rules of which several have a mend: one step for all of them. */
  const together = $derived.by(() => {
    const counts = new SvelteMap<RuleId, number>();
    for (const { rule, fix } of notes.open) if (fix) counts.set(rule, (counts.get(rule) ?? 0) + 1);
    return [...counts].filter(([, count]) => count > 1);
  });
</script>

<section aria-label="Notes">
  {#if notes.open.length === 0}
    <p role="status">
      {notes.waiting.length === 0 ? 'Nothing to mend.' : 'Nothing to mend so far.'}
    </p>
  {/if}
  {#if together.length > 0}
    <p class="mb-3 flex flex-wrap gap-2">
      {#each together as [rule, count] (rule)}
        <button
          type="button"
          class="btn-quiet border! border-line!"
          onclick={() => desk.mendAll(rule)}>{mendAllOf(rule, count)}</button
        >
      {/each}
    </p>
  {/if}
  {#if whole.length > 0}
    <h2 class="text-lg">On the whole session</h2>
    <ul class="mb-3">
      {#each keyedNotes(whole) as { key, finding } (key)}
        <li><PencilNote {desk} {finding} /></li>
      {/each}
    </ul>
  {/if}
  {#each beside as [id, list] (id)}
    {@const row = desk.rows.all.get(id)}
    <div class="border-t border-line py-1.5">
      <button
        type="button"
        class="min-h-6 text-soft tabular underline"
        onclick={() => (desk.focusNext = id)}
        >Line {row?.number ?? ''}, at {desk.rows.clocks.get(id)}</button
      >
      {#each keyedNotes(list) as { key, finding } (key)}<PencilNote {desk} {finding} />{/each}
    </div>
  {/each}
  {#if notes.waiting.length > 0}
    <p class="mt-3 text-soft">
      {notes.waiting.length === 1
        ? 'One more note waits'
        : `${notes.waiting.length} more notes wait`} until the script looks finished.
      <button type="button" class="min-h-6 underline" onclick={() => (early = !early)}
        >{early ? 'Let them wait' : 'Show them now'}</button
      >
    </p>
  {/if}
  {#if notes.aside.length > 0}
    <details class="mt-3">
      <summary class="w-fit cursor-pointer py-1 text-soft hover:text-ink"
        >{notes.aside.length === 1 ? 'One note' : `${notes.aside.length} notes`} left as meant</summary
      >
      {#each keyedNotes(notes.aside) as { key, finding } (key)}<PencilNote
          {desk}
          {finding}
        />{/each}
    </details>
  {/if}
</section>
