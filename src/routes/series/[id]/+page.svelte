<!-- A series: its row of sessions, what they cover, how moves grow, and what it becomes elsewhere. -->
<script lang="ts">
  import { addGaps, addSessions, isDay, laterBy, newSession } from '$core';
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import CalendarPlus from '@lucide/svelte/icons/calendar-plus';
  import Undo from '@lucide/svelte/icons/undo-2';
  import Upload from '@lucide/svelte/icons/upload';
  import { tick } from 'svelte';
  import CoveragePicture from '$lib/series/CoveragePicture.svelte';
  import LadderList from '$lib/series/LadderList.svelte';
  import SeriesFiles from '$lib/series/SeriesFiles.svelte';
  import SeriesSetting from '$lib/series/SeriesSetting.svelte';
  import SessionRow from '$lib/series/SessionRow.svelte';
  import { newId } from '$lib/store/new-id';
  import { shelf } from '$lib/store/shelf.svelte';
  import { tabs } from '$lib/store/tabs';
  import LineArea from '$lib/ui/LineArea.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import FileButton from '$lib/ui/parts/FileButton.svelte';

  const { data } = $props();
  const work = $derived(data.work);
  let firstDay = $state('');

  $effect(() => {
    const here = work;
    if (!here) return;
    return tabs.listen((message) => {
      if (message.type === 'series' && message.id === here.series.id) void here.reload();
    });
  });

  $effect(() => shelf.follow());

  function addWeeks(count: number) {
    if (!work) return;
    const day = isDay(firstDay) ? firstDay : laterBy(work.today, 1);
    work.change(addGaps(work.series, count, day, newId));
  }

  async function takeDates(file: File) {
    if (!work) return;
    const [{ askSeries }, { problemInWords }] = await Promise.all([
      import('$lib/series/ask-series'),
      import('$lib/words/problem-words'),
    ]);
    const { read } = await askSeries({ as: 'dates', text: await file.text() }).result;
    if (!read.ok) {
      notices.say(`“${file.name}”: ${problemInWords(read.problems[0]!)}`, undefined, true);
      return;
    }
    const time = work.series.sessions.at(-1)?.time ?? '09:30';
    const added = read.value.map((date) => newSession(newId, date.day, date.time ?? time));
    const before = work.series.sessions.length;
    const after = addSessions(work.series, added);
    const count = after.sessions.length - before;
    work.change(after, count === 1 ? 'One date was added.' : `${count} dates were added.`);
    if (count === 0) notices.say('All of these dates are in the row already.');
  }

  async function pick(sessionId: string) {
    if (!work) return;
    work.open = sessionId;
    await tick();
    const line = document.querySelector<HTMLElement>(`[data-session="${sessionId}"]`);
    line?.scrollIntoView({ block: 'center' });
    line?.querySelector<HTMLElement>('button[aria-expanded]')?.focus({ preventScroll: true });
  }

  function keys(event: KeyboardEvent) {
    const isTyping = (event.target as HTMLElement).closest('input, textarea, select');
    if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !isTyping) {
      event.preventDefault();
      work?.undo();
    }
  }
</script>

<svelte:head><title>{work?.series.title || 'Series'} · Arrup</title></svelte:head>
<svelte:window onkeydown={keys} />

{#if !work}
  <NotHere what="series" />
{:else}
  <main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pb-24 sm:px-6">
    <p class="pt-5">
      <a class="-ml-3 btn-quiet" href={resolve('/series')}
        ><ArrowLeft size={18} aria-hidden="true" />All series</a
      >
    </p>
    <h1 class="mt-1 text-4xl">
      <LineArea
        label="Title of the series"
        value={work.series.title}
        placeholder="Name it: Tuesdays in the hall"
        isName
        most={120}
        class="font-heading!"
        onchange={(title) => work.change({ ...work.series, title }, '', 'title')}
      />
    </h1>
    <SeriesSetting {work} />

    <section class="mt-6" aria-labelledby="row-title">
      <div class="flex flex-wrap items-end justify-between gap-2">
        <h2 id="row-title" class="text-2xl">The row</h2>
        <button type="button" class="btn-quiet" disabled={!work.canUndo} onclick={() => work.undo()}
          ><Undo size={18} aria-hidden="true" />Undo</button
        >
      </div>
      <SessionRow {work} />
      {#if work.series.sessions.length === 0}
        <p class="border-t border-line py-5 text-lg">
          No dates yet. The first is on
          <input type="date" class="inline-word" aria-label="First day" bind:value={firstDay} />.
        </p>
      {/if}
      <div class="flex flex-wrap items-center gap-2 border-t border-line pt-4">
        <button
          type="button"
          class={work.series.sessions.length === 0 ? 'btn-lamp' : 'btn-quiet border border-line'}
          onclick={() => addWeeks(work.series.sessions.length === 0 ? 6 : 1)}
          ><CalendarPlus size={18} aria-hidden="true" />{work.series.sessions.length === 0
            ? 'Six weeks from then'
            : 'One more'}</button
        >
        <FileButton
          label="File with dates"
          accept=".ics,.csv,.txt,text/calendar,text/csv"
          class="btn-quiet"
          onfile={(file) => void takeDates(file)}
          ><Upload size={18} aria-hidden="true" />Dates from a calendar or a table</FileButton
        >
      </div>
    </section>

    {#if work.series.sessions.length > 0}
      <section class="line mt-10" aria-labelledby="cover-title">
        <h2 id="cover-title" class="mb-2 text-2xl">What these weeks cover</h2>
        <CoveragePicture {work} onpick={(id) => void pick(id)} />
      </section>
      <section class="line mt-10" aria-labelledby="grow-title">
        <h2 id="grow-title" class="text-2xl">How moves grow</h2>
        <LadderList {work} />
      </section>
      <section class="mt-10" aria-labelledby="files-title">
        <h2 id="files-title" class="text-2xl">To take along</h2>
        <SeriesFiles {work} />
      </section>
    {/if}
  </main>
{/if}

<style>
  .line {
    content-visibility: auto;
    contain-intrinsic-size: auto 50rem;
  }
</style>
