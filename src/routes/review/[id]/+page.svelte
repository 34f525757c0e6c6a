<script lang="ts">
  import { clockOf, titleOf, type Pin } from '$core';
  import { onDestroy } from 'svelte';
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Hand from '@lucide/svelte/icons/hand';
  import { format } from 'date-fns';
  import { beatsByChapter, plannedBeats } from '$lib/review/beats-of-run';
  import BeatRow from '$lib/review/BeatRow.svelte';
  import { learnFromRuns } from '$lib/review/learn';
  import { listenFor } from '$lib/review/listen-for';
  import MarkBySpace from '$lib/review/MarkBySpace.svelte';
  import MomentList from '$lib/review/MomentList.svelte';
  import Player from '$lib/review/Player.svelte';
  import { recordingOf } from '$lib/review/recordings';
  import { whatHappened } from '$lib/review/review-words';
  import ReviewFacts from '$lib/review/ReviewFacts.svelte';
  import TwoLanes from '$lib/review/TwoLanes.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const work = $derived(data.work);

  // svelte-ignore state_referenced_locally
  let file = $state.raw<File | null>(data.work ? recordingOf(data.work.run.id) : null);
  let at = $state(0);
  let player = $state<Player | null>(null);
  let moving = $state(false);
  let listening = $state<number | null>(null);
  let unheard = $state('');

  const review = $derived(work?.run.review ?? null);
  const noWords = $derived(review !== null && review.lines.length === 0);
  const planned = $derived(work && plannedBeats(work.run));
  const chapters = $derived(work ? beatsByChapter(work.run) : []);

  /** Moving things needs the stretches: they are found anew, which changes nothing. */
  async function startMoving() {
    moving = true;
    if (work && work.stretches.length === 0) await work.lay();
  }
  $effect(() => {
    if (noWords && !moving && work?.adventure) void startMoving();
  });
  /** Voices are listened for once, when the recording is first at hand. */
  $effect(() => {
    if (!file || !work?.adventure || review?.voices) return;
    const asked = listenFor(file, (share) => (listening = share));
    listening = 0;
    asked.result
      .then((voices) => work.lay({ voices }))
      .catch((reason: unknown) => {
        if (reason instanceof Error && reason.name !== 'Cancelled') unheard = reason.message;
      })
      .finally(() => (listening = null));
    return asked.cancel;
  });

  // All that was set by hand is learned from when it is done with, not at each mark.
  onDestroy(() => void learnFromRuns());

  const play = (seconds: number) => player?.playFrom(seconds);
  const pin = (key: string, to: Pin | null) => void work?.pin(key, to);
</script>

<svelte:head><title>{work ? titleOf(work.run) : 'A recording'} · Review · Arrup</title></svelte:head
>

{#if work && review}
  <main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pb-24 sm:px-6">
    <a class="mt-3 -ml-3 btn-quiet" href={resolve('/logbook/[id]', { id: work.run.id })}>
      <ArrowLeft size={18} aria-hidden="true" />In the logbook
    </a>
    <h1 class="mt-2 text-4xl break-words">{titleOf(work.run)}</h1>
    <p class="mt-1 text-lg break-words text-soft">
      {format(work.run.startedAt, 'EEEE d MMMM yyyy')}, from “{review.recording}”
    </p>
    <p class="mt-4 text-2xl" data-summary>
      <b class="font-heading">{clockOf(review.seconds)}</b> in the recording,
      <b class="font-heading">{clockOf(review.pace.plannedSeconds)}</b> planned.
      {#if !noWords}{whatHappened(review)}{/if}
    </p>
    {#if work.trouble}<p class="mt-2 font-semibold text-pencil" role="alert">{work.trouble}</p>{/if}
    <TwoLanes run={work.run} onpick={play} />

    <div class="mt-8 grid items-start gap-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <section class="min-w-0" aria-labelledby="beats-title">
        <div class="flex flex-wrap items-center justify-between gap-3">
          <h2 id="beats-title" class="text-2xl">Beat by beat</h2>
          {#if work.adventure}
            <button
              type="button"
              class="btn-quiet border border-line"
              aria-pressed={moving}
              onclick={() => (moving ? (moving = false) : startMoving())}
              ><Hand size={18} aria-hidden="true" />{moving
                ? 'Done moving'
                : 'Move by hand'}</button
            >
          {/if}
        </div>
        {#if !work.adventure}
          <p class="mt-1 text-soft">
            The script was changed since, or isn’t in this browser any more: what was found stays as
            it is.
          </p>
        {:else if moving && !noWords}
          <p class="mt-1 text-soft">
            Set where something begins, and the rest follows. <span role="status"
              >{work.working ? 'Laying it anew…' : ''}</span
            >
          </p>
        {/if}
        {#if noWords && work.adventure}
          <MarkBySpace {work} {at} hasPlayer={file !== null} ontoggle={() => player?.toggle()} />
        {/if}
        {#each chapters as chapter (chapter.id)}
          <h3 class="mt-5 mb-1 flex items-center gap-2 text-lg">
            <span
              class="inline-block size-3 rounded-full"
              style:background="var(--{chapter.kind})"
              aria-hidden="true"
            ></span>{chapter.title || chapter.kind}
          </h3>
          <ul>
            {#each chapter.beats as [beatId, beats] (beatId)}
              <BeatRow
                {beats}
                plannedSeconds={planned?.get(beatId)?.seconds ?? 0}
                stretches={moving ? work.stretches.filter((one) => one.beatId === beatId) : []}
                pins={work.pins}
                at={file ? at : null}
                onplay={play}
                onpin={pin}
              />
            {/each}
          </ul>
        {/each}
      </section>
      <div class="space-y-8 lg:sticky lg:top-4">
        <section aria-label="The recording">
          <Player bind:this={player} bind:file bind:at lines={review.lines} />
          {#if listening !== null}
            <p class="mt-2 text-soft" role="status">
              Listening for voices… {Math.round(listening * 100)} %
            </p>
          {:else if unheard}
            <p class="mt-2 text-pencil" role="status">{unheard} You can still mark it by hand.</p>
          {/if}
        </section>
        {#if !noWords || Object.keys(work.pins).length > 0}
          <section aria-labelledby="moments-title">
            <h2 id="moments-title" class="mb-2 text-2xl">To cut or do again</h2>
            <MomentList run={work.run} onplay={play} />
          </section>
          <section aria-labelledby="facts-title">
            <h2 id="facts-title" class="mb-2 text-2xl">What it tells</h2>
            <ReviewFacts run={work.run} />
          </section>
        {/if}
      </div>
    </div>
  </main>
{:else}
  <NotHere what="recording" />
{/if}
