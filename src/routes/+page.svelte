<script lang="ts">
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import Dices from '@lucide/svelte/icons/dices';
  import FolderOpen from '@lucide/svelte/icons/folder-open';
  import Shapes from '@lucide/svelte/icons/shapes';
  import Plus from '@lucide/svelte/icons/plus';
  import ShelfRow from '$lib/shelf/ShelfRow.svelte';
  import { backups } from '$lib/backup/backup-state.svelte';
  import { aside } from '$lib/store/aside.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import { gradually } from '$lib/ui/gradually.svelte';

  let query = $state('');
  /** What can be begun from, where it is open. */
  let from = $state<'starts' | 'draft' | null>(null);
  /** The file that was opened last, with what it says of itself. */
  let opened = $state.raw<File | null>(null);
  const { data } = $props();
  const trouble = $derived(data.trouble);
  let picker: HTMLInputElement;

  /** Fetched with the first word that is looked for. */
  let searchShelf = $state.raw<
    ((all: typeof shelf.records, q: string) => typeof shelf.records) | null
  >(null);
  $effect(() => {
    if (query && !searchShelf)
      void import('$lib/shelf/search').then((search) => (searchShelf = search.searchShelf));
  });
  const found = $derived(searchShelf ? searchShelf(shelf.records, query) : shelf.records);

  const shown = gradually(() => found.length, { first: 6, step: 4 });

  $effect(() => shelf.follow());

  const open = (id: string) => goto(resolve('/desk/[id]', { id }));
</script>

<svelte:head><title>Shelf · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pb-24 sm:px-6">
  <div class="flex flex-wrap items-end justify-between gap-4 pt-8 pb-6">
    <div>
      <h1 class="text-4xl">Your adventures</h1>
      <p class="mt-1 text-soft">Kept in this browser, and nowhere else.</p>
    </div>
    <div class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn-quiet" onclick={() => picker.click()}>
        <FolderOpen size={20} aria-hidden="true" />Open a file
      </button>
      <button
        type="button"
        class="btn-quiet border border-line"
        aria-expanded={from === 'draft'}
        aria-controls="draft"
        onclick={() => (from = from === 'draft' ? null : 'draft')}
      >
        <Dices size={20} aria-hidden="true" />First draft
      </button>
      <button
        type="button"
        class="btn-quiet border border-line"
        aria-expanded={from === 'starts'}
        aria-controls="starts"
        onclick={() => (from = from === 'starts' ? null : 'starts')}
      >
        <Shapes size={20} aria-hidden="true" />Ready-made sessions
      </button>
      <button
        type="button"
        class="btn-lamp text-lg"
        onclick={async () => open(await shelf.startNew())}
      >
        <Plus size={22} aria-hidden="true" />New adventure
      </button>
      <input
        bind:this={picker}
        type="file"
        accept=".json,.md,.markdown,.txt,.csv,.docx,.html"
        class="hidden"
        aria-label="Adventure file"
        onchange={() => {
          opened = picker.files?.[0] ?? null;
          picker.value = '';
        }}
      />
    </div>
  </div>

  {#if from}
    {#await from === 'draft' ? import('$lib/draft/FirstDraft.svelte') : import('$lib/shelf/ReadyMade.svelte') then { default: From }}
      <From ontake={async (adventure) => open(await shelf.takeIn(adventure))} />
    {:catch}
      <p class="text-pencil" role="alert">That didn’t load. Reload the page.</p>
    {/await}
  {/if}

  {#if backups.isPressing}
    {#await import('$lib/backup/BackupNotice.svelte') then { default: BackupNotice }}
      <BackupNotice />
    {/await}
  {/if}
  {#if aside.in(['adventures']).length > 0}
    {#await import('$lib/ui/KeptAside.svelte') then { default: KeptAside }}
      <KeptAside stores={['adventures']} />
    {/await}
  {/if}
  {#if trouble}<p class="py-4 font-semibold text-pencil" role="alert">{trouble}</p>{/if}

  {#if opened}
    {#await import('$lib/shelf/OpenedFile.svelte') then { default: OpenedFile }}
      {#key opened}<OpenedFile file={opened} onopen={open} />{/key}
    {/await}
  {/if}

  {#if shelf.ready}
    {#if shelf.isNew}
      {#await import('$lib/shelf/WhatItIs.svelte') then { default: WhatItIs }}<WhatItIs />{/await}
    {/if}
    {#if shelf.records.length > 1}
      <label class="mb-4 flex max-w-md items-center gap-3">
        <span class="sr-only">Search your adventures</span>
        <input
          class="input"
          type="search"
          placeholder="Find by title, story, move or age"
          bind:value={query}
        />
      </label>
    {/if}
    {#if shelf.records.length === 0}
      <div class="border-t border-line py-12">
        <p class="max-w-xl font-heading text-2xl">
          An empty shelf, and a whole marsh to fill it from. Begin a new adventure, take a
          ready-made session, or look at the demo first.
        </p>
        <button
          type="button"
          class="mt-4 btn-quiet border border-line"
          onclick={() => void shelf.putOutDemo()}>Put the demo on the shelf</button
        >
      </div>
    {:else if found.length === 0}
      <p class="border-t border-line py-10 text-lg">
        Nothing on the shelf has “{query}” in it.
        <button type="button" class="underline" onclick={() => (query = '')}>Show all</button>
      </p>
    {:else}
      <ul>
        {#each found.slice(0, shown.count) as record (record.id)}
          <ShelfRow {record} onopen={open} />
        {/each}
      </ul>
    {/if}
    <p class="border-t border-line pt-5 text-soft">
      <a href={resolve('/trash')}>Trash</a> · <a href="{resolve('/settings')}#backup">Backup</a>
    </p>
  {/if}
</main>
