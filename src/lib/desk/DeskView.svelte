<script lang="ts">
  import { resolve } from '$app/paths';
  import NotebookPen from '@lucide/svelte/icons/notebook-pen';
  import Play from '@lucide/svelte/icons/play';
  import Printer from '@lucide/svelte/icons/printer';
  import Redo from '@lucide/svelte/icons/redo-2';
  import Undo from '@lucide/svelte/icons/undo-2';
  import BalanceView from '$lib/balance/BalanceView.svelte';
  import FitPanel from '$lib/fit/FitPanel.svelte';
  import ForecastPanel from '$lib/forecast/ForecastPanel.svelte';
  import NotesOnAll from '$lib/findings/NotesOnAll.svelte';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import ChapterSection from './ChapterSection.svelte';
  import type { Desk } from './desk.svelte';
  import { hintFor } from './first-steps';
  import Gauges from './Gauges.svelte';
  import SaveState from './SaveState.svelte';
  import TitleBlock from './TitleBlock.svelte';

  const { desk }: { desk: Desk } = $props();

  let balanceOpen = $state(false);
  let forecastOpen = $state(false);
  const adventure = $derived(desk.adventure);

  function keydown(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey)) return;
    const key = event.key.toLowerCase();
    if (key === 'z' && !event.shiftKey) desk.draft.undo();
    else if ((key === 'z' && event.shiftKey) || key === 'y') desk.draft.redo();
    else if (key === 's') void desk.draft.flush();
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={keydown} />

<main class="mx-auto max-w-6xl px-4 pb-32 sm:px-6">
  <div class="flex flex-wrap items-center justify-end gap-x-2 pt-2">
    <SaveState draft={desk.draft} />
    <button
      type="button"
      class="btn-quiet"
      title="Ctrl+Z"
      disabled={!desk.draft.canUndo}
      onclick={() => desk.draft.undo()}
    >
      <Undo size={18} aria-hidden="true" />Undo
    </button>
    <button
      type="button"
      class="btn-quiet"
      title="Ctrl+Shift+Z"
      disabled={!desk.draft.canRedo}
      onclick={() => desk.draft.redo()}
    >
      <Redo size={18} aria-hidden="true" />Redo
    </button>
    <a class="btn-quiet" href={resolve('/prep/[id]', { id: adventure.id })}>
      <Printer size={18} aria-hidden="true" />Prep
    </a>
    {#if !desk.isEmpty}
      <a class="btn-lamp" href={resolve('/stage/[id]', { id: adventure.id })}>
        <Play size={20} aria-hidden="true" />Lead it
      </a>
    {/if}
  </div>

  <TitleBlock {desk} />

  {#if desk.isEmpty}
    <p class="mt-6 flex max-w-3xl items-start gap-3 text-lg">
      <NotebookPen class="mt-1 shrink-0 text-pencil" size={22} aria-hidden="true" />
      <span>
        Write it as you would on paper, one line at a time, in any chapter below. Plain words are
        said, “10 frog jumps” is done, “drink” is drunk. The land grows up here as you write.
      </span>
    </p>
  {:else}
    <div class="sticky top-0 z-10 -mx-4 bg-page px-4 pt-3 pb-1 sm:-mx-6 sm:px-6">
      <Gauges
        schedule={desk.schedule}
        slotSeconds={adventure.setting.slotSeconds}
        homeSeconds={desk.home}
      />
      <Terrain
        cues={desk.schedule.cues}
        chapters={adventure.chapters}
        slotSeconds={adventure.setting.slotSeconds}
        height={104}
        activeBeatId={desk.pointedId ?? desk.activeId}
        onpick={(id) => (desk.focusNext = id)}
        onpoint={(id) => (desk.pointedId = id)}
        pins={desk.findings
          .filter((finding) => finding.setAside === null)
          .flatMap((finding) => finding.atSeconds ?? [])}
      />
    </div>
    <NotesOnAll {desk} />
    <details class="mt-1">
      <summary class="w-fit cursor-pointer py-1 text-soft hover:text-ink"
        >Fit it: to a slot, to a total, gentler, for other ages</summary
      >
      <div class="mt-1 max-w-3xl border-l-2 border-line pl-5"><FitPanel {desk} /></div>
    </details>
    <details class="mt-1" bind:open={forecastOpen}>
      <summary class="w-fit cursor-pointer py-1 text-soft hover:text-ink"
        >What to expect: how long it takes, how much it is</summary
      >
      {#if forecastOpen}
        <div class="mt-1 max-w-3xl border-l-2 border-line pl-5"><ForecastPanel {desk} /></div>
      {/if}
    </details>
    <details class="mt-1" bind:open={balanceOpen}>
      <summary class="w-fit cursor-pointer py-1 text-soft hover:text-ink"
        >Who gets a turn: body, kinds, effort</summary
      >
      {#if balanceOpen}
        <div class="mt-1 border-l-2 border-line pl-5">
          <BalanceView
            schedule={desk.schedule}
            book={desk.book}
            youngest={adventure.setting.ages.from}
          />
        </div>
      {/if}
    </details>
  {/if}

  {#each adventure.chapters as chapter (chapter.id)}
    <ChapterSection {desk} {chapter} hint={hintFor(chapter.kind, chapter.beats.length === 0)} />
  {/each}

  <p class="mt-12 max-w-3xl text-sm text-soft">
    Keys: <b>Enter</b> puts a typed line in · <b>Ctrl+Enter</b> a line below this one ·
    <b>Alt+↑ ↓</b> moves the beat · <b>Ctrl+↑ ↓</b> goes to the beat before or after ·
    <b>Alt+Delete</b> takes it out · <b>Ctrl+Z</b> undoes, <b>Ctrl+Shift+Z</b> does it again ·
    <a href={resolve('/desk/[id]/versions', { id: adventure.id })}>Earlier versions</a>
  </p>
</main>
