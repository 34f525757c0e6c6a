<!--
  What is kept but can't be read by this build: each stands as itself with its reason, and can be saved as
  a file, mended as far as it goes, or deleted. What is of a newer Arrup is only shown.
-->
<script lang="ts">
  import { mendAdventure, titleOf } from '$core';
  import { aside, dropAside, type AsideItem, type StoreName } from '$lib/store/aside.svelte';
  import { newId } from '$lib/store/new-id';
  import { shelf } from '$lib/store/shelf.svelte';
  import { nameOfRow } from '$lib/store/row';
  import { placeInWords, problemInWords } from '$lib/words/problem-words';
  import Download from '@lucide/svelte/icons/download';
  import Trash from '@lucide/svelte/icons/trash-2';
  import Wrench from '@lucide/svelte/icons/wrench';
  import { download } from './download';
  import { notices } from './notices.svelte';

  const { stores }: { stores: readonly StoreName[] } = $props();

  const KIND: Readonly<Record<StoreName, string>> = {
    adventures: 'An adventure',
    runs: 'A session',
    moves: 'A move of yours',
    presets: 'A kept place',
    series: 'A series',
    preferences: 'Your choices',
  };
  const found = $derived(aside.in(stores));
  const nameOf = ({ store, raw }: AsideItem) => nameOfRow(raw) || KIND[store];
  const isNewer = ({ problem }: AsideItem) => problem?.code === 'newer-version';

  function save({ store, key, raw }: AsideItem) {
    download(`${store}-${key || 'kept'}.json`, 'application/json', JSON.stringify(raw, null, 2));
  }
  async function mend(item: AsideItem) {
    const mended = mendAdventure((item.raw as { document?: unknown } | null)?.document, newId);
    if (!mended) {
      notices.say(
        'There’s nothing left in it that can be mended. Save it as a file before you delete it.',
      );
      return;
    }
    const { adventure, leftOut } = mended;
    await dropAside(item);
    await shelf.takeIn(adventure);
    notices.say(
      `“${titleOf(adventure)}” is mended. Left out: ${[...new Set(leftOut.map(placeInWords))].join('; ')}. What it was is in the trash.`,
      undefined,
      true,
    );
  }
  async function drop(item: AsideItem) {
    await dropAside(item);
    await shelf.refresh();
    notices.say(`${nameOf(item)} is in the trash for thirty days.`);
  }
</script>

{#if found.length > 0}
  <ul class="my-4" aria-label="What can’t be read">
    {#each found as item (`${item.store}.${item.key}`)}
      <li class="my-2 border-l-4 border-pencil py-2 pl-4" data-aside={item.key}>
        <p class="font-heading text-xl font-bold break-words">{nameOf(item)}</p>
        <p class="max-w-2xl">
          It can’t be read{item.problem ? `: ${problemInWords(item.problem)}` : '.'}
          It’s kept as it is, and nothing writes over it.
        </p>
        <p class="-ml-3 flex flex-wrap gap-x-1">
          <button type="button" class="btn-quiet" onclick={() => save(item)}>
            <Download size={18} aria-hidden="true" />Save it as a file
          </button>
          {#if item.store === 'adventures' && !isNewer(item)}
            <button type="button" class="btn-quiet" onclick={() => mend(item)}>
              <Wrench size={18} aria-hidden="true" />Try to mend it
            </button>
          {/if}
          {#if !isNewer(item)}
            <button type="button" class="btn-quiet text-soft" onclick={() => drop(item)}>
              <Trash size={18} aria-hidden="true" />Delete
            </button>
          {/if}
        </p>
      </li>
    {/each}
  </ul>
{/if}
