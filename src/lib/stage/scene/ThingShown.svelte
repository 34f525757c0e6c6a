<!-- What a draw looks like on the thing itself. -->
<script lang="ts">
  import { moveIn, type Draw, type MoveBook, type Thing } from '$core';
  import CardDrawn from './CardDrawn.svelte';
  import CoinShown from './CoinShown.svelte';
  import Dice from './Dice.svelte';
  import LettersDrawn from './LettersDrawn.svelte';
  import SpotShown from './SpotShown.svelte';
  import WheelTurned from './WheelTurned.svelte';

  type Props = { thing: Thing; beat: Draw; book: MoveBook; falling?: boolean };
  const { thing, beat, book, falling = false }: Props = $props();
  const { entries } = $derived(beat);
</script>

<span class="thing" data-thing={thing.kind}>
  {#if thing.kind === 'dice'}
    <Dice faces={thing.faces} sides={thing.sides} {falling} />
  {:else if thing.kind === 'card'}
    <CardDrawn suit={thing.suit} sign={thing.sign} entry={thing.entry} {falling} />
  {:else if thing.kind === 'wheel'}
    <WheelTurned
      {entries}
      names={entries.map(({ action }) => action.guise.name || moveIn(book, action.move).name)}
      moves={entries.map(({ action }) => moveIn(book, action.move))}
      entry={thing.entry}
      {falling}
    />
  {:else if thing.kind === 'letters'}
    <LettersDrawn text={thing.text} {falling} />
  {:else if thing.kind === 'spot'}
    <SpotShown {entries} entry={thing.entry} {falling} />
  {:else}
    <CoinShown name={thing.name} {falling} />
  {/if}
</span>

<style>
  .thing {
    position: relative;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr);
    place-items: center;
    width: 100%;
    height: 100%;
    container-type: size;
    perspective: 60rem;
    min-width: 0;
    min-height: 0;
  }
</style>
