<!-- What was deleted: for thirty days it can be put back. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import { shelf } from '$lib/store/shelf.svelte';
  import { trash, TRASH_DAYS, type PutBack, type TrashItem } from '$lib/store/trash.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import { formatDistanceToNow } from 'date-fns';
  import Undo from '@lucide/svelte/icons/undo-2';

  const KIND: Readonly<Record<TrashItem['store'], string>> = {
    adventures: 'adventure',
    runs: 'session of the logbook',
    moves: 'move of yours',
    presets: 'kept place',
    series: 'series',
  };
  const BECAME: Readonly<Record<PutBack, string>> = {
    back: 'is back where it was.',
    beside: 'is back, beside the one that’s there now.',
    stays: 'is there already, and newer: that one stays.',
    gone: 'is gone already.',
  };
  const nameOf = ({ title }: TrashItem) => `“${title || 'Untitled'}”`;
  let emptying = $state(false);

  async function putBack(item: TrashItem) {
    const became = await trash.putBack(item.id);
    notices.say(`${nameOf(item)} ${BECAME[became]}`);
    await shelf.refresh();
  }
  async function empty() {
    await trash.empty();
    emptying = false;
  }
</script>

<svelte:head><title>Trash · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-3xl px-4 pb-24 text-lg sm:px-6">
  <h1 class="pt-8 text-4xl">Trash</h1>
  <p class="mt-1 text-soft">
    What you delete stays here for {TRASH_DAYS} days, in this browser.
    <a href={resolve('/')}>Back to the shelf</a>
  </p>
  {#if trash.list.length === 0}
    <p class="mt-8 border-t border-line pt-8 font-heading text-2xl">There’s nothing in it.</p>
  {:else}
    <ul class="mt-6">
      {#each trash.list as item (item.id)}
        <li class="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-line py-4">
          <div class="min-w-0 flex-1 basis-64">
            <p class="font-semibold break-words">{item.title || 'Untitled'}</p>
            <p class="text-base text-soft">
              {KIND[item.store]}, deleted {formatDistanceToNow(item.at, { addSuffix: true })}
            </p>
          </div>
          <button
            type="button"
            class="btn-quiet border border-line"
            aria-label="Put back {nameOf(item)}"
            onclick={() => putBack(item)}
          >
            <Undo size={18} aria-hidden="true" />Put back
          </button>
          <button
            type="button"
            class="btn-quiet text-soft"
            aria-label="Delete {nameOf(item)} for good"
            onclick={() => trash.empty(item.id)}
          >
            Delete for good
          </button>
        </li>
      {/each}
    </ul>
    <p class="border-t border-line pt-5">
      {#if emptying}
        Everything in it goes for good.
        <button type="button" class="btn-quiet border border-pencil" onclick={empty}
          >Yes, empty it</button
        >
        <button type="button" class="btn-quiet" onclick={() => (emptying = false)}>No</button>
      {:else}
        <button
          type="button"
          class="btn-quiet border border-line"
          onclick={() => (emptying = true)}
        >
          Empty the trash
        </button>
      {/if}
    </p>
  {/if}
</main>
