<!-- The device as it will look, with the table on it: what is touched is what is changed. -->
<script lang="ts">
  import { moveIn, type Move } from '$core';
  import MovePictures from '$lib/moves/MovePictures.svelte';
  import type { Asked, BoardProps } from './board-props';
  import { BOARDS } from './boards';

  type Props = Omit<BoardProps, 'moves' | 'onask'> & {
    /** An outcome is to be a move of its own from now on. */
    onnew: (outcome: number, move: Move) => void;
  };
  const { beat, book, onnew, ...others }: Props = $props();

  /** What a move is being chosen for. */
  let asked = $state.raw<Asked | null>(null);
  function take(move: Move) {
    if (!asked) return;
    const entryId = 'entryId' in asked ? asked.entryId : null;
    const entry = beat.entries.find(({ id }) => id === entryId);
    if (entry) others.onmove(entry, move);
    else if ('outcome' in asked) onnew(asked.outcome, move);
    asked = null;
  }
  function keydown(event: KeyboardEvent) {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    asked = null;
  }

  const moves = $derived(beat.entries.map(({ action }) => moveIn(book, action.move)));
  const Board = $derived(beat.entries.length > 0 ? BOARDS[beat.device.kind] : null);
</script>

{#if Board}<Board {beat} {book} {moves} {...others} onask={(what) => (asked = what)} />{/if}
{#if asked}
  <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
  <section
    class="mt-2 rounded-xl border border-line bg-page p-3"
    aria-label="Choose a move from pictures"
    onkeydown={keydown}
  >
    <MovePictures {book} youngest={7} onmove={take} />
    <button type="button" class="mt-2 btn-quiet" onclick={() => (asked = null)}
      >Keep what’s there</button
    >
  </section>
{/if}
