<!-- The device as it will look, with the table on it: what is touched is what is changed. -->
<script lang="ts">
  import { moveIn, type Draw, type Entry, type Move, type MoveBook, type Setting } from '$core';
  import Wheel from '../Wheel.svelte';
  import CallRoom from './CallRoom.svelte';
  import DieNet from './DieNet.svelte';
  import Tiles from './Tiles.svelte';

  type Props = {
    beat: Draw;
    names: readonly string[];
    book: MoveBook;
    setting: Setting;
    /** An entry is to be worked on. */
    onpick: (entryId: string) => void;
    onput: (total: number, entryId: string) => void;
    onlabel: (entry: Entry, label: string) => void;
    onmove: (entry: Entry, move: Move) => void;
    onleave: () => void;
  };
  const { beat, names, book, setting, onpick, onput, onlabel, onmove, onleave }: Props = $props();

  const device = $derived(beat.device);
  const entries = $derived(beat.entries);
  const moves = $derived(entries.map(({ action }) => moveIn(book, action.move)));
</script>

{#if entries.length > 0}
  {#if device.kind === 'spinner'}
    <Wheel {entries} {names} {moves} pixels={250} {onpick} />
  {:else if device.kind === 'die'}
    <DieNet {device} {entries} {names} {moves} {onput} />
  {:else if device.kind === 'calls'}
    <CallRoom
      {book}
      ages={setting.ages}
      {entries}
      room={setting.room}
      far={beat.amount.from === 'room'}
      {onpick}
    />
  {:else if device.kind === 'deck' || device.kind === 'letters'}
    <Tiles {device} {entries} {book} {onlabel} {onmove} {onleave} />
  {/if}
{/if}
