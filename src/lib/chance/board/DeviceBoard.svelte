<!-- The device as it will look, with the table on it: what is touched is what is changed. -->
<script lang="ts">
  import { moveIn } from '$core';
  import type { BoardProps } from './board-props';
  import { BOARDS } from './boards';

  const { beat, book, ...others }: Omit<BoardProps, 'moves'> = $props();

  const moves = $derived(beat.entries.map(({ action }) => moveIn(book, action.move)));
  const Board = $derived(beat.entries.length > 0 ? BOARDS[beat.device.kind] : null);
</script>

{#if Board}<Board {beat} {book} {moves} {...others} />{/if}
