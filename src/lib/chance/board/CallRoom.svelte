<!-- The room from above, the called spots where they are, with the way to each. -->
<script lang="ts">
  import { metresToPlaces, moveIn, secondsOnWay, placesFor, type Draw } from '$core';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { sectorHue } from '../sector-look';
  import type { BoardProps } from './board-props';

  const { beat, book, setting, onpick }: BoardProps = $props();

  const entries = $derived(beat.entries);
  const room = $derived(setting.room);
  /** The metres are the ways to go: they stand beside the spots. */
  const far = $derived(beat.amount.from === 'room');
  const PIXELS = 250;
  const length = $derived(Math.max(1, room.lengthMetres));
  const width = $derived(Math.max(1, room.widthMetres));
  const scale = $derived(PIXELS / Math.max(length, width));
  const names = $derived(entries.map(({ label }) => label));
  const spots = $derived(placesFor(room, names));
  const metres = $derived(metresToPlaces(room, names));
  /** "5 m, 14 s": one way, or there and back, by the move's own pace. */
  const wayTo = ({ move, dose }: Draw['entries'][number]['action'], far: number) => {
    const seconds = secondsOnWay(
      moveIn(book, move),
      far,
      dose.ways,
      setting.ages,
      preferences.pace,
    );
    return `${far} m, ${Math.round(seconds)} s`;
  };
</script>

<div
  class="room"
  style:width="{length * scale}px"
  style:height="{width * scale}px"
  role="group"
  aria-label="The room, {room.lengthMetres} by {room.widthMetres} metres, and the spots in it"
>
  <span class="middle" aria-hidden="true"></span>
  {#each entries as { id, label, action }, n (id)}
    {@const { xMetres, yMetres } = spots[n]!}
    <button
      type="button"
      style:left="{(length / 2 + xMetres) * scale}px"
      style:top="{(width / 2 - yMetres) * scale}px"
      style:--hue={sectorHue(n)}
      onclick={() => onpick(id)}
    >
      <span class="dot">{n + 1}</span>
      <span class="label">{label || n + 1}{far ? `, ${wayTo(action, metres[n]!)}` : ''}</span>
    </button>
  {/each}
</div>

<style>
  .room {
    position: relative;
    max-width: 100%;
    border: 3px solid var(--ink);
    border-radius: 6px;
    background: var(--raised);
  }
  .middle {
    position: absolute;
    left: 50%;
    top: 50%;
    width: 12px;
    height: 12px;
    translate: -50% -50%;
    border: 2px dashed var(--soft);
    border-radius: 50%;
  }
  button {
    position: absolute;
    translate: -50% -50%;
    display: flex;
    flex-direction: column;
    align-items: center;
    min-width: 24px;
    min-height: 24px;
    font-size: 0.875rem;
    font-weight: 650;
    line-height: 1.1;
  }
  .dot {
    display: grid;
    place-items: center;
    width: 28px;
    height: 28px;
    border: 2px solid var(--ink);
    border-radius: 50%;
    background: color-mix(in oklab, var(--hue) 45%, var(--raised));
  }
  .label {
    padding: 0 2px;
    white-space: nowrap;
    background: var(--raised);
  }
</style>
