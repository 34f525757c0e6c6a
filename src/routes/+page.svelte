<script lang="ts">
  import { isSure, titleOf, type Adventure, type Move, type Reading, type ReadScript } from '$core';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import FolderOpen from '@lucide/svelte/icons/folder-open';
  import Shapes from '@lucide/svelte/icons/shapes';
  import Plus from '@lucide/svelte/icons/plus';
  import ShelfRow from '$lib/shelf/ShelfRow.svelte';
  import { backups } from '$lib/backup/backup-state.svelte';
  import { OPENED_FILES } from '$lib/shelf/opened-files';
  import { searchShelf } from '$lib/shelf/search';
  import { adventureFile } from '$lib/store/as-file';
  import { aside } from '$lib/store/aside.svelte';
  import type { AdventureRecord } from '$lib/store/db';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import { download } from '$lib/ui/download';
  import { gradually } from '$lib/ui/gradually.svelte';
  import { notices } from '$lib/ui/notices.svelte';

  let query = $state('');
  let startsOpen = $state(false);
  let refused = $state.raw<{ file: string; reasons: readonly string[] } | null>(null);
  let plan = $state.raw<{ file: string; read: ReadScript } | null>(null);
  /** A file that is being read, and the way to call it off. */
  let reading = $state.raw<{ file: string; cancel: () => void } | null>(null);
  const { data } = $props();
  const trouble = $derived(data.trouble);
  let picker: HTMLInputElement;

  const found = $derived(searchShelf(shelf.records, query));

  const shown = gradually(() => found.length, { first: 6, step: 4 });

  $effect(() => shelf.follow());

  const open = (id: string) => goto(resolve('/desk/[id]', { id }));

  async function importFile() {
    const file = picker.files?.[0];
    picker.value = '';
    if (!file) return;
    await ownMoves.load();
    const { name } = file;
    const { askToRead, problemInWords } = await import('$lib/plan/ask-to-read');
    const bytes = new Uint8Array(await file.arrayBuffer());
    const asked = askToRead({ as: 'file', name, bytes, moves: ownMoves.list });
    reading = { file: name, cancel: asked.cancel };
    plan = null;
    const read = await asked.result.catch((reason: unknown) => {
      if (reason instanceof Error && reason.name === 'Cancelled') return null;
      refused = { file: name, reasons: ['It could not be read: it’s too large, or too tangled.'] };
      return null;
    });
    reading = null;
    if (!read) return;
    if (!read.ok) {
      refused = { file: name, reasons: read.problems.map(problemInWords) };
      return;
    }
    refused = null;
    const { lines, adventure, changed } = read.value;
    if (changed) {
      notices.say(
        `“${name}” was changed after Arrup wrote it. Look it through before you lead it.`,
        undefined,
        true,
      );
    }
    // A plan with nothing to ask about is taken in as it is.
    if (lines.length === 0) await takeIn(adventure, name);
    else if (lines.every((one) => isSure(one.read)) && leftOutOf(read.value).length === 0)
      await putOnShelf(adventure);
    else plan = { file: name, read: read.value };
  }

  async function putBack(place: number | null) {
    const { trash } = await import('$lib/store/trash.svelte');
    const became = await trash.putBack(place);
    if (became === 'beside')
      notices.say('It’s there again meanwhile: the old one stands beside it.');
    await shelf.refresh();
  }

  const leftOutOf = ({ unread, lines }: ReadScript) =>
    unread.filter(({ line }) => !lines.some((one) => one.line === line));

  /** An adventure with moves of its own: they are looked at first. */
  let brought = $state.raw<{ file: string; adventure: Adventure } | null>(null);

  async function takeIn(read: Adventure, file: string) {
    const { apartFrom } = await import('$lib/plan/ask-to-read');
    const adventure = apartFrom(ownMoves.list, read);
    const isKnown = (move: Move) => ownMoves.list.some(({ id }) => id === move.id);
    if (adventure.moves.every(isKnown)) await putOnShelf(adventure);
    else brought = { file, adventure };
  }

  async function takeBrought(keep: boolean) {
    if (!brought) return;
    const { adventure } = brought;
    brought = null;
    if (keep) await ownMoves.welcome(adventure.moves);
    await putOnShelf(adventure);
  }

  async function putOnShelf(adventure: Adventure) {
    const id = await shelf.takeIn(adventure);
    notices.say(`“${titleOf(adventure)}” is on your shelf.`, {
      label: 'Open it',
      run: () => open(id),
    });
  }

  async function takePlan(chosen: ReadonlyMap<number, Reading>) {
    if (!plan) return;
    const { read } = plan;
    plan = null;
    const { withChosen } = await import('$lib/plan/read-plan');
    await putOnShelf(withChosen(read, chosen));
  }

  function save({ document }: AdventureRecord) {
    const { name, mediaType, content } = adventureFile(document);
    download(name, mediaType, content);
  }

  async function remove(record: AdventureRecord) {
    const place = await shelf.remove(record.id);
    notices.say(`“${titleOf(record.document)}” is in the trash.`, {
      label: 'Undo',
      run: () => putBack(place),
    });
  }
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
        aria-expanded={startsOpen}
        aria-controls="starts"
        onclick={() => (startsOpen = !startsOpen)}
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
        accept={OPENED_FILES}
        class="hidden"
        aria-label="Adventure file"
        onchange={importFile}
      />
    </div>
  </div>

  {#if startsOpen}
    <section id="starts" class="mb-10" aria-labelledby="starts-title">
      <h2 id="starts-title" class="text-2xl">Start from a ready-made session</h2>
      <p class="mt-1 mb-4 max-w-prose text-soft">
        Each is a whole session in Lanternfen, ready to lead. Take one, and make it yours: change
        the story, the moves, the length.
      </p>
      {#await import('$lib/shelf/StartingPoints.svelte') then { default: StartingPoints }}
        <StartingPoints onstart={async (adventure) => open(await shelf.takeIn(adventure))} />
      {:catch}
        <p class="text-pencil" role="alert">They didn’t load. Reload the page.</p>
      {/await}
    </section>
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

  {#if reading}
    <p
      class="mb-6 flex flex-wrap items-center gap-3 border-l-4 border-lamp py-1 pl-5"
      role="status"
    >
      Reading “{reading.file}”…
      <button type="button" class="btn-quiet border border-line" onclick={() => reading?.cancel()}>
        Leave it
      </button>
    </p>
  {/if}
  {#if refused}
    <section class="mb-6 border-l-4 border-pencil py-1 pl-5" role="alert">
      <h2 class="text-xl">“{refused.file}” was not opened. Nothing here has changed.</h2>
      <ul class="mt-2 list-disc pl-5">
        {#each refused.reasons as reason, index (index)}<li>{reason}</li>{/each}
      </ul>
      <button type="button" class="mt-2 -ml-3 btn-quiet" onclick={() => (refused = null)}>
        All right
      </button>
    </section>
  {/if}

  {#if plan}
    {@const { file, read } = plan}
    {#await import('$lib/plan/PlanReview.svelte') then { default: PlanReview }}
      <PlanReview
        title="What “{file}” becomes"
        lines={read.lines}
        leftOut={leftOutOf(read)}
        take="Put it on the shelf"
        ontake={takePlan}
        oncancel={() => (plan = null)}
      />
    {/await}
  {/if}

  {#if brought}
    {@const { file, adventure } = brought}
    {#await import('$lib/shelf/MovesReview.svelte') then { default: MovesReview }}
      <MovesReview {file} {adventure} ontake={takeBrought} oncancel={() => (brought = null)} />
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
          <ShelfRow
            {record}
            onduplicate={async () => open(await shelf.duplicate(record))}
            onexport={() => save(record)}
            onremove={() => remove(record)}
          />
        {/each}
      </ul>
    {/if}
    <p class="border-t border-line pt-5 text-soft">
      <a href={resolve('/trash')}>Trash</a> · <a href="{resolve('/settings')}#backup">Backup</a>
    </p>
  {/if}
</main>
