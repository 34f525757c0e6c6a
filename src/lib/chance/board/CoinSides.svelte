<!-- Both sides of the coin; touch a side to put another move on it. -->
<script lang="ts">
  import { DEVICES } from '$core';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { sectorHue } from '../sector-look';
  import type { BoardProps } from './board-props';
  import FaceSelect from './FaceSelect.svelte';

  const { beat, names, moves, onput, onask }: BoardProps = $props();

  const SIDES = [1, 2].map((side) => [side, DEVICES.coin.valueLabel(side)] as const);
  const entryOf = (side: number) => beat.entries.findIndex(({ faces }) => faces.includes(side));
</script>

<div class="sides" role="group" aria-label="What is on each side of the coin">
  {#each SIDES as [side, called] (side)}
    {@const index = entryOf(side)}
    <label class="side" style:--hue={index < 0 ? 'var(--sunk)' : sectorHue(index)}>
      <span class="called">{called}</span>
      {#if moves[index]}<MovePicture move={moves[index]} size={64} />{/if}
      <span class="name">{index < 0 ? 'nothing' : names[index]}</span>
      <FaceSelect
        face={called}
        entries={beat.entries}
        {names}
        {index}
        onput={(entryId) => onput(side, entryId)}
        onother={() => onask({ outcome: side })}
      />
    </label>
  {/each}
</div>

<style>
  .sides {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem;
  }
  .side {
    position: relative;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    width: 10.5rem;
    height: 10.5rem;
    border: 3px solid var(--ink);
    border-radius: 50%;
    background: color-mix(in oklab, var(--hue) 38%, var(--raised));
    outline: 2px dashed color-mix(in oklab, var(--ink) 40%, transparent);
    outline-offset: -10px;
    padding: 0.75rem;
    text-align: center;
  }
  .side:focus-within,
  .side:hover {
    outline: 3px solid var(--water);
    outline-offset: 1px;
  }
  .called {
    font-family: var(--font-heading);
    font-weight: 800;
  }
  .name {
    font-weight: 650;
    line-height: 1.1;
  }
</style>
