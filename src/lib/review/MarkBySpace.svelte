<!-- Without captions: the recording plays, and the space bar says "this begins now". -->
<script lang="ts">
  import { clockOf } from '$core';
  import { inRound } from './review-words';
  import type { ReviewWork } from './review-work.svelte';

  type Props = { work: ReviewWork; at: number; hasPlayer: boolean; ontoggle: () => void };
  const { work, at, hasPlayer, ontoggle }: Props = $props();

  /** Which of the stretches comes next: the first one that nothing is said of. */
  const next = $derived(work.stretches.find(({ key }) => work.pins[key] === undefined) ?? null);
  const done = $derived(work.stretches.filter(({ key }) => work.pins[key] !== undefined));
  const last = $derived(done.at(-1) ?? null);

  function mark() {
    if (next && hasPlayer) void work.pin(next.key, at);
  }
  function keydown(event: KeyboardEvent) {
    const { target } = event;
    const typing =
      target instanceof HTMLElement && target.closest('input,textarea,select,button,a');
    if (typing || event.ctrlKey || event.metaKey || event.altKey || !hasPlayer) return;
    if (event.key === ' ') mark();
    else if (event.key === 'Backspace' && last) void work.pin(last.key, null);
    else if (event.key === 'p') ontoggle();
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={keydown} />

<div class="mt-3 rounded-2xl bg-sunk p-4" data-marking>
  {#if !hasPlayer}
    <p>Choose the recording, and mark while it plays where each thing begins.</p>
  {:else if next}
    <p class="text-soft">Let it play. When this begins, press the space bar:</p>
    <p class="mt-1 font-heading text-2xl font-bold break-words" data-next-mark>
      {inRound(next.label, next.round)}
    </p>
    <p class="mt-3 flex flex-wrap gap-2">
      <button type="button" class="btn-lamp" onclick={mark}>It begins now ({clockOf(at)})</button>
      <button
        type="button"
        class="btn-quiet border border-line"
        onclick={() => void work.pin(next.key, 'left out')}>It was left out</button
      >
      {#if last}
        <button
          type="button"
          class="btn-quiet border border-line"
          onclick={() => void work.pin(last.key, null)}>Undo the last mark</button
        >
      {/if}
    </p>
    <p class="mt-2 text-sm text-soft">
      {done.length} of {work.stretches.length} marked. A mark goes to where somebody begins to speak.
      Keys: space marks, backspace takes the last mark back, P plays and stops.
    </p>
  {:else}
    <p class="font-semibold">Everything is marked.</p>
  {/if}
</div>
