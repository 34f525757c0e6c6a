<!-- Any move of the catalogue by its picture, family by family: for fingers as well as for keys. -->
<script lang="ts">
  import { FAMILIES, isUnknown, type Family, type Move, type MoveBook } from '$core';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { FAMILY_WORDS } from './words';

  type Props = {
    book: MoveBook;
    /** Only moves that children of this age can usually do. */
    youngest: number;
    onmove: (move: Move) => void;
  };
  const { book, youngest, onmove }: Props = $props();

  let family = $state<Family>('travelling');
  const moves = $derived(
    [...book.values()]
      .filter((move) => move.family === family && move.fromAge <= youngest && !isUnknown(move))
      .sort((a, b) => a.name.localeCompare(b.name, 'en')),
  );
</script>

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
