<!-- The suits of a deck as cards, or the boxes of a letter strip: written on where they stand. -->
<script lang="ts">
  import { moveIn } from '$core';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { sectorHue } from '../sector-look';
  import type { BoardProps } from './board-props';

  const { beat, book, onlabel, onmove, onask, onleave }: BoardProps = $props();

  const entries = $derived(beat.entries);
  const letters = $derived(beat.device.kind === 'letters');
</script>

<ul class="tiles" aria-label={letters ? 'The letters of the strip' : 'The cards of each suit'}>
  {#each entries as entry, n (entry.id)}
    {@const { label, action } = entry}
    {@const move = moveIn(book, action.move)}
    <li class={letters ? 'box' : 'card'} style:--hue={sectorHue(n)}>
      <input
        class="label"
        aria-label="What stands on it, {n + 1}"
        maxlength="60"
        placeholder={String(n + 1)}
        value={label}
        oninput={(event) => onlabel(entry, event.currentTarget.value)}
        onblur={onleave}
      />
      <button
        type="button"
        class="rounded p-0.5 hover:bg-sunk"
        aria-label="Choose from pictures for {label || n + 1}"
        onclick={() => onask({ entryId: entry.id })}><MovePicture {move} size={44} /></button
      >
      {#if letters && action.guise.picture}<span class="word">{action.guise.picture}</span>{/if}
      <MovePicker
        {book}
        text={move.name}
        label="Move on {label || n + 1}"
        class="name"
        onpick={(next) => onmove(entry, next)}
      />
    </li>
  {/each}
</ul>

<style>
  .tiles {
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
  }
  li {
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: space-between;
    gap: 0.2rem;
    border: 2px solid var(--ink);
    padding: 0.3rem 0.2rem;
    text-align: center;
  }
  .card {
    width: 6rem;
    min-height: 7.5rem;
    border-radius: 9px;
    background: color-mix(in oklab, var(--hue) 34%, var(--raised));
  }
  .box {
    width: 6rem;
    min-height: 7rem;
    border-radius: 4px;
    background: var(--raised);
  }
  .label {
    width: 100%;
    border: 0;
    background: transparent;
    padding: 0;
    font-family: var(--font-heading);
    font-weight: 800;
    text-align: center;
  }
  .box .label {
    font-size: 1.5rem;
    line-height: 1;
  }
  .word {
    font-weight: 700;
    line-height: 1.05;
  }
  li :global(.name) {
    font-size: 0.875rem;
    line-height: 1.1;
    text-align: center;
  }
</style>
