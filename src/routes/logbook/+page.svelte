<script lang="ts">
  import { compareRun, lengthInWords, type Run, titleOf } from '$core';
  import { resolve } from '$app/paths';
  import Film from '@lucide/svelte/icons/film';
  import { format } from 'date-fns';
  import { runs } from '$lib/store/run-store.svelte';
  import { gradually } from '$lib/ui/gradually.svelte';
  import KeptAside from '$lib/ui/KeptAside.svelte';
  import PlansHold from '$lib/logbook/PlansHold.svelte';
  import { realWalk } from '$lib/logbook/real-walk';
  import Terrain from '$lib/terrain/Terrain.svelte';

  const shown = gradually(() => runs.list.length, { first: 10, step: 4 });

  function about(run: Run): string {
    const { plannedSeconds, realSeconds, whole } = compareRun(run);
    const difference = realSeconds - plannedSeconds;
    const drift =
      Math.abs(difference) < 5
        ? 'as planned'
        : `${lengthInWords(Math.abs(difference))} ${difference > 0 ? 'longer' : 'shorter'} than planned`;
    const speed = run.speed > 1 ? `, rehearsal ×${run.speed}` : '';
    if (run.review) return `${lengthInWords(run.review.seconds)}, from a recording`;
    return `${lengthInWords(realSeconds)}, ${whole ? drift : 'ended early'}${speed}`;
  }
</script>

<svelte:head><title>Logbook · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pb-24 sm:px-6">
  <h1 class="pt-8 text-4xl">Logbook</h1>
  <div class="mt-1 mb-6 flex flex-wrap items-center justify-between gap-3">
    <p class="text-soft">Every session that was led, as it really went.</p>
    <a class="btn-quiet border border-line" href={resolve('/review')}>
      <Film size={18} aria-hidden="true" />Look at a recording
    </a>
  </div>
  <KeptAside stores={['runs']} />
  {#if runs.list.length === 0}
    <p class="max-w-2xl border-t border-line py-12 font-heading text-2xl">
      Nothing led yet. Choose an adventure on the <a href={resolve('/')}>shelf</a> and lead it; a rehearsal
      counts too.
    </p>
  {:else}
    <PlansHold runs={runs.list} />
    <h2 class="text-2xl">Session by session</h2>
    <ul class="mt-2">
      {#each runs.list.slice(0, shown.count) as run (run.id)}
        <li class="border-t border-line">
          <a
            class="grid items-center gap-x-8 gap-y-2 rounded-lg py-4 no-underline hover:bg-sunk md:grid-cols-[11rem_minmax(0,1fr)_20rem]"
            href={resolve('/logbook/[id]', { id: run.id })}
          >
            <span class="tabular">
              <span class="block font-semibold">{format(run.startedAt, 'EEE d MMMM')}</span>
              <span class="text-soft">{format(run.startedAt, 'HH:mm')}</span>
            </span>
            <span>
              <span class="block font-heading text-xl font-bold">{titleOf(run)}</span>
              <span class="text-soft">{about(run)}</span>
              {#if run.note}<span class="block truncate italic">{run.note}</span>{/if}
            </span>
            <Terrain
              cues={run.plan}
              over={realWalk(run)}
              chapters={run.chapters}
              small
              height={60}
              label="Planned and real terrain"
            />
          </a>
        </li>
      {/each}
    </ul>
  {/if}
</main>
