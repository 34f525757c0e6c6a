<script lang="ts">
  import {
    clockOf,
    compareRun,
    lengthInWords,
    NO_DEBRIEF,
    serializeTakesCsv,
    type BeatComparison,
    titleOf,
  } from '$core';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Trash from '@lucide/svelte/icons/trash-2';
  import { format } from 'date-fns';
  import NextTimeLinks from '$lib/logbook/NextTimeLinks.svelte';
  import PlannedChart from '$lib/logbook/PlannedChart.svelte';
  import { whatHappened } from '$lib/review/review-words';
  import { realWalk } from '$lib/logbook/real-walk';
  import { CHANGE_WORDS } from '$lib/stage/adapt-words';
  import { runs } from '$lib/store/run-store.svelte';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import { download } from '$lib/ui/download';
  import NotHere from '$lib/ui/NotHere.svelte';
  import { trash } from '$lib/store/trash.svelte';
  import { notices } from '$lib/ui/notices.svelte';

  const NOTE_REST_MS = 400;

  const { data } = $props();
  /** As it was loaded, or with the note as it is being written. */
  let run = $derived(data.run);
  let kept = $state(true);
  let timer: ReturnType<typeof setTimeout> | undefined;

  const compared = $derived(run && compareRun(run));

  /** Called out in two teams, if any were. */
  const teamPoints = $derived(
    run?.teamPoints?.some((points) => points > 0) ? run.teamPoints : null,
  );

  const debrief = $derived.by(() => {
    const { length, effort, next } = run?.debrief ?? NO_DEBRIEF;
    return [
      length && (length === 'right' ? 'the length was right' : length),
      effort && (effort === 'right' ? 'not too easy, not too hard' : effort),
      next && (next === 'keep' ? 'keep it' : 'change it'),
    ].filter((one) => one !== null);
  });
  /** "at The way: a third fewer". */
  const changes = $derived(
    (run?.adaptations ?? []).map(({ cueId, what }) => {
      const cue = run!.plan.find(({ id }) => id === cueId);
      const label = cue && run!.labels[cue.beatId];
      return `${CHANGE_WORDS[what].done}${label ? `, at “${label}”` : ''}`;
    }),
  );

  async function keepNote() {
    clearTimeout(timer);
    if (!run || kept) return;
    await runs.put(run);
    kept = true;
  }
  function setNote(note: string) {
    if (!run) return;
    run = { ...run, note };
    kept = false;
    clearTimeout(timer);
    timer = setTimeout(keepNote, NOTE_REST_MS);
  }
  async function remove() {
    if (!run) return;
    const removed = run;
    const place = await runs.remove(removed.id);
    await goto(resolve('/logbook'));
    notices.say('The session is out of the logbook.', {
      label: 'Undo',
      run: async () => {
        await trash.putBack(place);
        await goto(resolve('/logbook/[id]', { id: removed.id }));
      },
    });
  }

  function remark(beat: BeatComparison): string {
    if (beat.realSeconds === 0) return 'not reached';
    const difference = beat.realSeconds - beat.plannedSeconds;
    const parts = [
      Math.abs(difference) < 1
        ? 'as planned'
        : `${difference > 0 ? '+' : '−'}${lengthInWords(Math.abs(difference))}`,
    ];
    if (beat.cutShort > 0) parts.push(`cut short after ${lengthInWords(beat.realSeconds)}`);
    return parts.join(', ');
  }
</script>

<svelte:window onpagehide={keepNote} />
<svelte:head><title>{run?.title || 'A session'} · Logbook · Arrup</title></svelte:head>

{#if run && compared}
  <main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pb-24 sm:px-6">
    <a class="mt-3 -ml-3 btn-quiet" href={resolve('/logbook')}>
      <ArrowLeft size={18} aria-hidden="true" />Logbook
    </a>
    <h1 class="mt-2 text-4xl">{titleOf(run)}</h1>
    <p class="mt-1 text-lg text-soft">
      {format(run.startedAt, 'EEEE d MMMM yyyy, HH:mm')}{run.speed > 1
        ? `, rehearsal ×${run.speed}`
        : ''}
    </p>
    <p class="mt-4 text-2xl" data-summary>
      <b class="font-heading">{clockOf(run.review?.seconds ?? compared.realSeconds)}</b> led,
      <b class="font-heading">{clockOf(compared.plannedSeconds)}</b> planned{compared.whole ||
      run.review
        ? ''
        : '; the session ended before the script did'}.
    </p>
    <p class="mt-3 flex flex-wrap gap-2" data-next-time>
      <NextTimeLinks
        adventureId={run.adventureId}
        debrief={run.debrief ?? NO_DEBRIEF}
        slotSeconds={run.slotSeconds}
      />
    </p>
    {#if run.review}
      <p class="mt-3 flex flex-wrap items-center gap-3 text-lg" data-from-recording>
        From “{run.review.recording}”. {whatHappened(run.review)}
        <a class="btn-quiet border border-line" href={resolve('/review/[id]', { id: run.id })}
          >Open the recording’s page</a
        >
      </p>
    {/if}
    <div class="mt-5">
      <Terrain
        cues={run.plan}
        over={realWalk(run)}
        chapters={run.chapters}
        slotSeconds={run.slotSeconds}
        height={110}
        label="Terrain as planned, with what really happened as a dashed line"
      />
      <p class="mt-1 text-soft">The land is the plan; the dashed line is how it went.</p>
    </div>
    {#if debrief.length > 0 || changes.length > 0 || (run.points ?? 0) > 0 || teamPoints}
      <div class="mt-6 max-w-3xl" data-said>
        {#if debrief.length > 0}<p>You said: {debrief.join(', ')}.</p>{/if}
        {#if (run.points ?? 0) > 0}<p>{run.points} points together.</p>{/if}
        {#if teamPoints}<p>Team one {teamPoints[0]}, team two {teamPoints[1]} points.</p>{/if}
        {#if changes.length > 0}
          <p>Changed on the way:</p>
          <ul class="ml-5 list-disc">
            {#each changes as change, n (n)}<li>{change}</li>{/each}
          </ul>
        {/if}
      </div>
    {/if}
    <label class="mt-8 block max-w-3xl">
      <span class="font-heading text-xl font-bold">What to remember</span>
      <textarea
        class="mt-2 textarea field-sizing-content min-h-20 w-full text-lg"
        maxlength="5000"
        placeholder="Too long, too easy, the frogs were a triumph…"
        value={run.note}
        oninput={(event) => setNote(event.currentTarget.value)}
        onblur={keepNote}></textarea>
      <span class="text-sm text-soft" role="status"
        >{kept ? 'Saved in this browser' : 'Writing…'}</span
      >
    </label>
    <div class="mt-8 grid gap-8 lg:grid-cols-2">
      <section>
        <h2 class="text-xl">Beat by beat</h2>
        <table class="mt-2 w-full tabular">
          <thead class="text-left text-soft">
            <tr>
              <th class="py-1 font-normal" scope="col">Beat</th>
              <th class="px-3 text-right font-normal" scope="col">Planned</th>
              <th class="px-3 text-right font-normal" scope="col">Real</th>
              <th class="font-normal" scope="col"><span class="sr-only">Remark</span></th>
            </tr>
          </thead>
          <tbody>
            {#each compared.beats as beat (beat.beatId)}
              <tr class="border-t border-line align-top">
                <th class="py-1.5 text-left font-normal" scope="row">{beat.label}</th>
                <td class="px-3 py-1.5 text-right">{clockOf(beat.plannedSeconds)}</td>
                <td class="px-3 py-1.5 text-right font-semibold">{clockOf(beat.realSeconds)}</td>
                <td class="py-1.5 text-soft">{remark(beat)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </section>
      <section>
        <h2 class="mb-2 text-xl">Planned and real</h2>
        <PlannedChart beats={compared.beats} />
      </section>
    </div>
    {#if run.takes && run.takes.length > 0}{@const filmed = run}
      <p class="mt-8 flex flex-wrap items-center gap-3 text-lg" data-film>
        Filmed in {filmed.takes!.length}
        {filmed.takes!.length === 1 ? 'take' : 'takes'}; the times are those of the takes that
        count.
        <button
          type="button"
          class="btn-quiet border border-line"
          onclick={() => download('takes.csv', 'text/csv', serializeTakesCsv(filmed))}
        >
          Save the list of takes
        </button>
      </p>
    {/if}
    <button type="button" class="mt-8 -ml-3 btn-quiet text-soft" onclick={remove}>
      <Trash size={18} aria-hidden="true" />Take this session out of the logbook
    </button>
  </main>
{:else}
  <NotHere what="session" />
{/if}
