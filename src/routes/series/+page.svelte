<!-- All series: what each is, and how far it has come. -->
<script lang="ts">
  import {
    counted,
    dayInWords,
    DEFAULT_SETTING,
    isGap,
    newSeries,
    takesPlace,
    type Series,
  } from '$core';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import CalendarDays from '@lucide/svelte/icons/calendar-days';
  import FolderOpen from '@lucide/svelte/icons/folder-open';
  import Plus from '@lucide/svelte/icons/plus';
  import { format } from 'date-fns';
  import { newId } from '$lib/store/new-id';
  import { allSeries } from '$lib/store/series-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import { runs } from '$lib/store/run-store.svelte';
  import { today } from '$lib/store/today';
  import { trash } from '$lib/store/trash.svelte';
  import KeptAside from '$lib/ui/KeptAside.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import FileButton from '$lib/ui/parts/FileButton.svelte';

  let refused = $state.raw<readonly string[]>([]);

  const open = (id: string) => goto(resolve('/series/[id]', { id }));

  async function startNew() {
    const setting = shelf.records[0]?.document.setting ?? DEFAULT_SETTING;
    const series = newSeries(newId, today(), setting);
    await allSeries.put(series);
    await open(series.id);
  }
  async function openFile(file: File) {
    const { takeInSeries } = await import('$lib/series/take-in');
    const taken = await takeInSeries(file);
    if (taken.ok) await open(taken.id);
    else refused = taken.reasons;
  }
  async function putOutDemo() {
    const [{ demoSeries }, { loadDemo }] = await Promise.all([
      import('$lib/series/demo-series'),
      import('$lib/demo/demo-adventures'),
    ]);
    await shelf.putOutDemo();
    const demo = demoSeries(await loadDemo(), format(new Date(), 'yyyy-MM-dd'), today());
    for (const run of demo.runs) await runs.put(run);
    await allSeries.put(demo.series);
    await open(demo.series.id);
  }
  async function remove({ id, title }: Series) {
    const place = await allSeries.remove(id);
    notices.say(`“${title || 'Untitled'}” is in the trash.`, {
      label: 'Undo',
      run: async () => {
        await trash.putBack(place);
        await allSeries.load();
      },
    });
  }

  function about({ sessions }: Series): string {
    const on = sessions.filter(takesPlace);
    const led = on.filter((one) => one.led).length;
    const gaps = on.filter(isGap).length;
    const planned = on.length - led - gaps;
    return [
      led > 0 ? `${led} led` : '',
      planned > 0 ? `${planned} planned` : '',
      gaps > 0 ? `${gaps} still open` : '',
    ]
      .filter(Boolean)
      .join(', ');
  }
  const span = ({ sessions }: Series) =>
    sessions.length > 0
      ? `${dayInWords(sessions[0]!.day)} to ${dayInWords(sessions.at(-1)!.day, true)}`
      : 'no dates yet';
</script>

<svelte:head><title>Series · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pb-24 sm:px-6">
  <div class="flex flex-wrap items-end justify-between gap-4 pt-8 pb-6">
    <div>
      <h1 class="text-4xl">Series</h1>
      <p class="mt-1 text-soft">Weeks that build: what was, what’s next, and what’s missing.</p>
    </div>
    <div class="flex flex-wrap items-center gap-2">
      <FileButton
        label="Series file"
        accept=".json"
        class="btn-quiet"
        onfile={(file) => void openFile(file)}
      >
        <FolderOpen size={20} aria-hidden="true" />Open a file
      </FileButton>
      <button type="button" class="btn-lamp text-lg" onclick={() => void startNew()}>
        <Plus size={22} aria-hidden="true" />New series
      </button>
    </div>
  </div>
  <KeptAside stores={['series']} />
  {#if refused.length > 0}
    <div class="mb-6 rounded-xl border border-pencil p-4" role="alert">
      {#each refused as reason, n (n)}<p>{reason}</p>{/each}
      <button type="button" class="underline" onclick={() => (refused = [])}>All right</button>
    </div>
  {/if}
  {#if allSeries.list.length === 0}
    <div class="border-t border-line py-10">
      <p class="max-w-2xl font-heading text-2xl">
        A half term of Tuesdays, a week of films: put your adventures in a row, and see what they
        cover, what hasn’t come for weeks, and what could be next.
      </p>
      <button
        type="button"
        class="mt-5 btn-quiet border border-line"
        onclick={() => void putOutDemo()}
        ><CalendarDays size={20} aria-hidden="true" />Show me the half term in Lanternfen</button
      >
    </div>
  {:else}
    <ul>
      {#each allSeries.list as series (series.id)}
        <li
          class="grid gap-x-8 gap-y-2 border-t border-line py-5 md:grid-cols-[minmax(0,1fr)_auto]"
        >
          <div class="min-w-0">
            <h2 class="text-2xl break-words">
              <a href={resolve('/series/[id]', { id: series.id })}>{series.title || 'Untitled'}</a>
            </h2>
            <p class="mt-1 text-soft">
              {[series.group, series.place, span(series)].filter(Boolean).join(' · ')}
            </p>
            <p class="mt-1">
              {counted(series.sessions.length, 'session', 'sessions')}{about(series)
                ? `: ${about(series)}`
                : ''}
            </p>
          </div>
          <div class="flex items-start gap-1">
            <a
              class="btn-quiet border border-line font-semibold"
              aria-label="Open {series.title || 'Untitled'}"
              href={resolve('/series/[id]', { id: series.id })}>Open</a
            >
            <button
              type="button"
              class="btn-quiet text-soft"
              aria-label="Delete {series.title || 'Untitled'}"
              onclick={() => void remove(series)}>Delete</button
            >
          </div>
        </li>
      {/each}
    </ul>
  {/if}
</main>
