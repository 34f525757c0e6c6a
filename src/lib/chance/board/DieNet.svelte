<!-- The die unfolded: each face with the move that is on it; touch a face to put another on. -->
<script lang="ts">
  import { cubeNet, DEVICES, diceTotals } from '$core';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import Face from '../Face.svelte';
  import { sectorHue } from '../sector-look';
  import type { BoardProps } from './board-props';
  import FaceSelect from './FaceSelect.svelte';

  const { beat, names, moves, onput, onask }: BoardProps = $props();

  const entries = $derived(beat.entries);
  const device = $derived(beat.device.kind === 'die' ? beat.device : DEVICES.die.begin(1));
  const net = cubeNet(true);
  /** Where a face of the cube lies in the grid: row and column, counted from 1. */
  const placeOf = (pips: number) => {
    const [x, y] = net.faces.find((face) => face.pips === pips)!.at;
    return `${y + 1} / ${x + 1} / auto / auto`;
  };
  const cube = $derived(device.dice === 1 && device.sides === 6);
  const totals = $derived(diceTotals(device));
  const entryOf = (total: number) => entries.findIndex(({ faces }) => faces.includes(total));
</script>

<div class={['net', cube ? 'cross' : 'row']} role="group" aria-label="What is on each face">
  {#each totals as total (total)}
    {@const index = entryOf(total)}
    <label
      class="tile"
      style:grid-area={cube ? placeOf(total) : undefined}
      style:--hue={index < 0 ? 'var(--sunk)' : sectorHue(index)}
    >
      <span class="pips"><Face face={total} pixels={22} /></span>
      {#if moves[index]}<MovePicture move={moves[index]} size={54} />{/if}
      <span class="name">{index < 0 ? 'nothing' : names[index]}</span>
      <FaceSelect
        face={String(total)}
        {entries}
        {names}
        {index}
        onput={(entryId) => onput(total, entryId)}
        onother={() => onask({ outcome: total })}
      />
    </label>
  {/each}
</div>

<style>
  .cross {
    display: grid;
    grid-template-columns: repeat(4, 6.4rem);
    grid-auto-rows: 6.4rem;
    gap: 2px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }
  .row .tile {
    width: 6.4rem;
    height: 6.4rem;
  }
  .tile {
    position: relative;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 0.15rem;
    border: 2px solid var(--ink);
    border-radius: 8px;
    background: color-mix(in oklab, var(--hue) 38%, var(--raised));
    padding: 0.25rem;
    text-align: center;
  }
  .tile:focus-within,
  .tile:hover {
    outline: 3px solid var(--water);
  }
  .pips {
    position: absolute;
    top: 0.3rem;
    left: 0.3rem;
  }
  .name {
    display: -webkit-box;
    overflow: hidden;
    font-size: 0.875rem;
    font-weight: 650;
    line-height: 1.2;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    line-clamp: 2;
  }
  @media (max-width: 520px) {
    .cross {
      grid-template-columns: repeat(4, 4.3rem);
      grid-auto-rows: 6.2rem;
    }
  }
</style>
