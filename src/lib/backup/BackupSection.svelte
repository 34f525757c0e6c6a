<!-- Everything in one file: saved, kept in a folder, and read back with a look first. -->
<script lang="ts">
  import { counted } from '$core';
  import { resolve } from '$app/paths';
  import { sinceBackup } from '$lib/store/changes';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import { problemInWords } from '$lib/words/problem-words';
  import { format } from 'date-fns';
  import { SvelteSet } from 'svelte/reactivity';
  import Download from '@lucide/svelte/icons/download';
  import FolderOpen from '@lucide/svelte/icons/folder-open';
  import FolderSync from '@lucide/svelte/icons/folder-sync';
  import type { BackupItem } from './backup-file';
  import { standingsOf, takeBack, type Standing } from './backup-rows';
  import { backups } from './backup-state.svelte';
  import FileButton from '$lib/ui/parts/FileButton.svelte';

  type Look = Readonly<{
    file: string;
    madeAt: string;
    items: readonly BackupItem[];
    standings: readonly Standing[];
  }>;
  let look = $state.raw<Look | null>(null);
  let refused = $state('');
  let working = $state(false);
  const chosen = new SvelteSet<number>();

  const KIND: Readonly<Record<BackupItem['store'], string>> = {
    adventures: 'Adventures',
    runs: 'Sessions of the logbook',
    moves: 'Moves of yours',
    presets: 'Kept places',
    series: 'Series',
    preferences: 'Your choices',
  };
  const STANDING: Readonly<Record<Standing, string>> = {
    new: 'not here',
    same: 'here, the same',
    other: 'another one is here',
  };
  const groups = $derived(
    Object.entries(KIND)
      .map(([store, title]) => ({
        title,
        rows: (look?.items ?? []).flatMap((item, at) =>
          item.store === store ? [{ item, at }] : [],
        ),
      }))
      .filter(({ rows }) => rows.length > 0),
  );
  const since = $derived(sinceBackup(backups.changes));

  async function save() {
    working = true;
    try {
      await backups.save();
    } catch (reason) {
      notices.say(`The backup couldn’t be made: ${String(reason)}`, undefined, true);
    } finally {
      working = false;
    }
  }

  async function open(file: File) {
    look = null;
    refused = '';
    working = true;
    try {
      const { readBackup } = await import('./backup-file');
      const read = readBackup(new Uint8Array(await file.arrayBuffer()));
      if (!read.ok) {
        refused = `“${file.name}” wasn’t opened: ${read.problems.map(problemInWords).join(' ')}`;
        return;
      }
      const { items, madeAt } = read.value;
      const standings = await standingsOf(items);
      chosen.clear();
      items.forEach(({ problem }, at) => {
        if (!problem && standings[at] === 'new') chosen.add(at);
      });
      look = { file: file.name, madeAt, items, standings };
    } finally {
      working = false;
    }
  }

  async function take() {
    if (!look) return;
    const items = look.items.filter((_, at) => chosen.has(at));
    await takeBack(items);
    look = null;
    await Promise.all([shelf.load(), preferences.load()]);
    await backups.accept();
    notices.say(`${counted(items.length, 'thing is', 'things are')} back.`);
  }
  const toggle = (at: number) => (chosen.has(at) ? chosen.delete(at) : chosen.add(at));
</script>

<section class="mt-8 border-t border-line pt-5" id="backup">
  <h2 class="text-2xl">Backup</h2>
  <p class="mt-2">
    Everything you’ve made, in one file: adventures, sessions, moves, places and choices.
    {#if backups.changes.backup}
      The last is <b>{backups.changes.backup}</b> of
      {format(backups.changes.backupAt, 'd MMMM, HH:mm')}{since > 0
        ? `; since then ${counted(since, 'change', 'changes')}.`
        : ': nothing has changed since.'}
    {:else}There’s none yet.{/if}
  </p>
  <p class="mt-3 flex flex-wrap gap-3">
    <button type="button" class="btn-lamp" disabled={working} onclick={save}>
      <Download size={20} aria-hidden="true" />Save a backup
    </button>
    <FileButton
      label="Backup file"
      accept=".zip,application/zip"
      class="btn-quiet border border-line"
      disabled={working}
      onfile={(file) => void open(file)}
    >
      <FolderOpen size={20} aria-hidden="true" />Read a backup
    </FileButton>
    {#if backups.canHaveFolder && !backups.folderName}
      <button
        type="button"
        class="btn-quiet border border-line"
        onclick={() => void backups.chooseFolder().catch(() => undefined)}
      >
        <FolderSync size={20} aria-hidden="true" />Keep one in a folder of yours
      </button>
    {/if}
  </p>
  {#if backups.folderName}
    <p class="mt-3">
      A backup of each day is kept in the folder <b>{backups.folderName}</b>.
      {#if backups.asleep}
        <button type="button" class="min-h-6 underline" onclick={() => backups.wake()}>
          Allow it again
        </button>
      {/if}
      <button type="button" class="min-h-6 underline" onclick={() => backups.forgetFolder()}>
        No more
      </button>
    </p>
  {/if}
  {#if refused}<p class="mt-3 font-semibold text-pencil" role="alert">{refused}</p>{/if}
  {#if look}
    <div class="mt-4 border-l-4 border-lamp pl-4">
      <h3 class="text-xl break-words">
        In “{look.file}”, made {format(look.madeAt, 'd MMMM yyyy, HH:mm')}
      </h3>
      {#each groups as { title, rows } (title)}
        <h4 class="mt-3 font-semibold">{title}</h4>
        <ul>
          {#each rows as { item, at } (at)}
            <li>
              <label class="flex items-center gap-3 py-1">
                <input
                  type="checkbox"
                  class="checkbox"
                  disabled={item.problem !== null}
                  checked={chosen.has(at)}
                  onchange={() => toggle(at)}
                />
                <span class="min-w-0 break-words"
                  >{item.name}
                  <span class="text-base text-soft"
                    >{item.problem
                      ? problemInWords(item.problem)
                      : STANDING[look.standings[at]!]}</span
                  ></span
                >
              </label>
            </li>
          {/each}
        </ul>
      {/each}
      <p class="mt-3 text-base text-soft">
        An adventure that differs from the one here comes to stand beside it. Nothing of yours is
        written over but what you choose among the rest.
      </p>
      <p class="mt-3 flex gap-3">
        <button type="button" class="btn-lamp" disabled={chosen.size === 0} onclick={take}>
          Take back {chosen.size}
        </button>
        <button type="button" class="btn-quiet" onclick={() => (look = null)}>Leave it</button>
      </p>
    </div>
  {/if}
  <p class="mt-3"><a href={resolve('/trash')}>Trash</a>: what you deleted stays thirty days.</p>
</section>
