<!-- A way in without grammar: what a line can be, in pictures. A move goes in as usual; the rest begins a line. -->
<script lang="ts">
  import type { Move, MoveBook } from '$core';
  import MovePictures from '$lib/moves/MovePictures.svelte';
  import GraduationCap from '@lucide/svelte/icons/graduation-cap';
  import { STARTERS } from './starters';

  type Props = {
    book: MoveBook;
    youngest: number;
    onmove: (move: Move) => void;
    /** A line to go on with, or, where it is whole, to put in. */
    online: (line: string, isWhole: boolean) => void;
    onclose: () => void;
  };
  const { book, youngest, onmove, online, onclose }: Props = $props();

  let learning = $state(false);

  function keydown(event: KeyboardEvent) {
    if (event.key !== 'Escape') return;
    event.preventDefault();
    event.stopPropagation();
    onclose();
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<section
  class="mt-1 mb-3 rounded-xl border border-line bg-raised p-3"
  aria-label="Choose a line from pictures"
  onkeydown={keydown}
>
  <div class="flex flex-wrap gap-2" role="group" aria-label="Beside moves">
    {#each STARTERS as { word, line, isWhole, Icon } (word)}
      <button
        type="button"
        class="btn-quiet border! border-line!"
        onclick={() => online(line, isWhole)}
      >
        <Icon size={18} aria-hidden="true" />{word}
      </button>
    {/each}
    <button
      type="button"
      class="btn-quiet border! border-line!"
      aria-expanded={learning}
      onclick={() => (learning = !learning)}
    >
      <GraduationCap size={18} aria-hidden="true" />something to learn
    </button>
  </div>
  {#if learning}
    {#await import('./LearnPicker.svelte') then { default: LearnPicker }}
      <LearnPicker online={(line) => online(line, false)} />
    {/await}
  {/if}
  <MovePictures {book} {youngest} {onmove} />
</section>
