<!-- What stands for an entry on its device: faces of a die, a sector, a suit, a letter, a spot. -->
<script lang="ts">
  import { deviceFile, type Device, type Entry } from '$core';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import { suitPicture } from '$lib/pictures/suit-pictures';
  import Face from './Face.svelte';
  import { sectorHue } from './sector-look';

  type Props = { device: Device; entry: Entry; index: number };
  const { device, entry, index }: Props = $props();
  const MOST_FACES = 4;
  const file = $derived(deviceFile(device));
  const markAs = $derived(file.markAs);
  /** "2 or 3", "2 to 5", "2, 4 or 9". */
  const orInWords = (faces: readonly number[]) => {
    const [first, last] = [faces[0]!, faces.at(-1)!];
    if (faces.length > 2 && last - first === faces.length - 1) return `${first} to ${last}`;
    return [faces.slice(0, -1).join(', '), String(last)].filter(Boolean).join(' or ');
  };
  const suit = $derived(device.kind === 'deck' ? suitPicture(entry.label) : null);
</script>

{#if device.kind === 'die' && device.dice > 1 && entry.faces.length > 0}
  <span class="sum tabular">{orInWords(entry.faces)} in all</span>
{:else if markAs === 'pips' && entry.faces.length > 0}
  <span class="inline-flex flex-wrap gap-0.5">
    {#each entry.faces.slice(0, MOST_FACES) as face (face)}<Face {face} pixels={28} />{/each}
    {#if entry.faces.length > MOST_FACES}<span class="text-soft">…{entry.faces.at(-1)}</span>{/if}
  </span>
{:else if markAs === 'name'}
  <span class="box coin">{file.markOf(entry)}</span>
{:else if markAs === 'sign'}
  <span class="box font-heading">{entry.label}</span>
{:else if suit}
  <span class="box card" role="img" aria-label={entry.label}
    ><PictureSvg picture={suit} size={20} /></span
  >
{:else if markAs === 'number'}
  <span class="box plain tabular">{index + 1}</span>
{:else}
  <span class="spot tabular" style:--hue={sectorHue(index)}><span>{index + 1}</span></span>
{/if}

<style>
  .box,
  .spot {
    display: inline-grid;
    place-items: center;
    width: 28px;
    height: 28px;
    border: 2px solid var(--ink);
    border-radius: 6px;
    background: var(--raised);
    font-weight: 800;
    line-height: 1;
  }
  .coin {
    width: auto;
    min-width: 28px;
    border-radius: 14px;
    padding: 0 0.5rem;
  }
  .card {
    height: 34px;
    border-radius: 4px;
  }
  .sum {
    display: inline-block;
    min-width: 4.5rem;
    font-weight: 700;
    line-height: 1.1;
  }
  .plain {
    border-color: var(--line);
    color: var(--soft);
  }
  .spot {
    border-radius: 50%;
    background: var(--hue);
  }
  .spot span {
    display: grid;
    place-items: center;
    width: 18px;
    height: 18px;
    border-radius: 50%;
    background: var(--raised);
    font-size: 0.8rem;
  }
</style>
