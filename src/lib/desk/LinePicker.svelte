<!-- A way in without grammar: what a line can be, in pictures. A move goes in as usual; the rest begins a line. -->
<script lang="ts">
  import { FAMILIES, isUnknown, type Family, type Move, type MoveBook } from '$core';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { FAMILY_WORDS } from '$lib/moves/words';
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

  let family = $state<Family>('travelling');
  const moves = $derived(
    [...book.values()]
      .filter((move) => move.family === family && move.fromAge <= youngest && !isUnknown(move))
      .sort((a, b) => a.name.localeCompare(b.name, 'en')),
  );

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
  </div>
  <div class="mt-3 flex flex-wrap gap-x-1" role="group" aria-label="Families of moves">
    {#each FAMILIES as one (one)}
      <button
        type="button"
        class={['btn-quiet', one === family && 'bg-lamp! font-semibold text-on-lamp!']}
        aria-pressed={one === family}
        onclick={() => (family = one)}
      >
        {FAMILY_WORDS[one]}
      </button>
    {/each}
  </div>
  <ul
    class="mt-2 grid max-h-80 grid-cols-[repeat(auto-fill,minmax(7.5rem,1fr))] gap-1 overflow-y-auto"
    aria-label="{FAMILY_WORDS[family]} moves"
  >
    {#each moves as move (move.id)}
      <li>
        <button
          type="button"
          class="flex h-full w-full flex-col items-center justify-end gap-1 rounded-lg p-2 text-center leading-tight hover:bg-sunk"
          onclick={() => onmove(move)}
        >
          <MovePicture {move} size={56} />{move.name}
        </button>
      </li>
    {/each}
  </ul>
</section>
