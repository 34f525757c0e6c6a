<!-- The moves that a file brings along, looked at before it is taken in: what they are, and their cautions. -->
<script lang="ts">
  import { BUILT_IN, counted, type Adventure, type Move } from '$core';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { FAMILY_WORDS } from '$lib/moves/words';
  import ReviewDialog from '$lib/ui/ReviewDialog.svelte';

  type Props = {
    file: string;
    adventure: Adventure;
    ontake: (keep: boolean) => void;
    oncancel: () => void;
  };
  const { file, adventure, ontake, oncancel }: Props = $props();

  let keep = $state(false);

  /** The move of the catalogue that is called the same. */
  const namesake = ({ name }: Move) =>
    [...BUILT_IN.values()].find((one) => one.name.toLowerCase() === name.toLowerCase());
</script>

<ReviewDialog labelledby="brought-title" class="w-[min(48rem,94vw)] overflow-y-auto p-5" {oncancel}>
  <h2 id="brought-title" class="text-2xl break-words">
    “{file}” brings {counted(adventure.moves.length, 'move', 'moves')} of its own
  </h2>
  <p class="mt-1 text-soft">
    Somebody else wrote {adventure.moves.length === 1 ? 'it' : 'them'}: read the cautions as you’d
    read them in a book. They’re for this adventure alone, and change nothing in your catalogue.
  </p>
  <ul class="mt-3">
    {#each adventure.moves as move (move.id)}
      {@const same = namesake(move)}
      <li class="flex gap-4 border-t border-line py-3">
        <div class="shrink-0"><MovePicture {move} size={64} /></div>
        <div class="min-w-0">
          <h3 class="text-xl break-words">{move.name}</h3>
          <p class="text-soft">{FAMILY_WORDS[move.family]}, from about {move.fromAge}</p>
          {#if move.cautions.length > 0}
            <ul class="list-disc pl-5">
              {#each move.cautions as caution (caution)}<li>{caution}</li>{/each}
            </ul>
          {:else}<p class="font-semibold text-pencil">It names no caution.</p>{/if}
          {#if same && same.cautions.some((one) => !move.cautions.includes(one))}
            <p class="mt-1">The catalogue’s {same.name} has:</p>
            <ul class="list-disc pl-5">
              {#each same.cautions as caution (caution)}<li>{caution}</li>{/each}
            </ul>
          {/if}
        </div>
      </li>
    {/each}
  </ul>
  <label class="mt-3 flex items-center gap-3 border-t border-line pt-4">
    <input type="checkbox" class="checkbox" bind:checked={keep} />
    Keep {adventure.moves.length === 1 ? 'it' : 'them'} among my own moves too
  </label>
  <p class="mt-4 flex flex-wrap justify-end gap-3">
    <button type="button" class="btn-quiet" onclick={oncancel}>Leave it</button>
    <button type="button" class="btn-lamp" onclick={() => ontake(keep)}>Put it on the shelf</button>
  </p>
</ReviewDialog>
