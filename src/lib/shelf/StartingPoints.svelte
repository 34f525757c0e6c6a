<!-- A script to begin from, for every shape that a session can have. -->
<script lang="ts">
  import type { Adventure } from '$core';
  import { preferences } from '$lib/store/preference-store.svelte';
  import LengthOnShelf from './LengthOnShelf.svelte';
  import ShapePicture from './ShapePicture.svelte';
  import { readStart, STARTS, type Start } from './starts';

  const { onstart }: { onstart: (adventure: Adventure) => void } = $props();

  let taking = $state<string | null>(null);
  let trouble = $state('');

  async function take(start: Start) {
    taking = start.file;
    trouble = '';
    try {
      onstart(await readStart(start));
    } catch (reason) {
      trouble = `“${start.shape}” couldn’t be opened: ${reason}. Reload the page, and try again.`;
    } finally {
      taking = null;
    }
  }
  const about = ({ setting: { ages, place } }: Adventure) =>
    `${ages.from === ages.to ? `age ${ages.from}` : `ages ${ages.from} to ${ages.to}`}${place === 'filmed' ? ', filmed' : ''}`;
</script>

{#if trouble}<p class="py-3 text-pencil" role="alert">{trouble}</p>{/if}
<div class="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3" data-starts>
  {#each STARTS as start (start.file)}
    <button
      type="button"
      class="group flex flex-col items-stretch border-t border-line py-4 text-left hover:bg-sunk focus-visible:bg-sunk"
      disabled={taking !== null}
      onclick={() => take(start)}
    >
      <span
        class="font-heading text-xl font-bold decoration-2 underline-offset-4 group-hover:underline"
        >{start.shape}</span
      >
      <span class="mt-0.5 min-h-12">{start.how}</span>
      <ShapePicture sign={start.sign} />
      {#await readStart(start)}
        <span class="block min-h-6"></span>
      {:then adventure}
        <span class="mt-1 flex justify-between gap-3 text-soft tabular">
          <span>{adventure.title} · {about(adventure)}</span>
          <LengthOnShelf {adventure} pace={preferences.pace} />
        </span>
      {:catch}
        <span class="text-pencil">It can’t be shown.</span>
      {/await}
    </button>
  {/each}
</div>
