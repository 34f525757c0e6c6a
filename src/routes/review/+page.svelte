<script lang="ts">
  import { lengthInWords, titleOf, type Run } from '$core';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Captions from '@lucide/svelte/icons/captions';
  import Film from '@lucide/svelte/icons/film';
  import { format } from 'date-fns';
  import { demoRecording } from '$lib/demo/demo-recordings';
  import { beginReview, CantReview } from '$lib/review/begin-review';
  import FileChoice from '$lib/review/FileChoice.svelte';
  import { runs } from '$lib/store/run-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';

  const { data } = $props();

  // svelte-ignore state_referenced_locally
  let adventureId = $state(data.adventureId ?? shelf.records[0]?.id ?? '');
  let captions = $state.raw<File | null>(null);
  let recording = $state.raw<File | null>(null);
  let sessionId = $state('');
  let chosenDay = $state('');
  let working = $state(false);
  let trouble = $state('');

  const adventure = $derived(shelf.records.find(({ id }) => id === adventureId)?.document ?? null);
  /** What was led of it from the Stage: its devices are known then. */
  const sessions = $derived(
    runs.list.filter((run) => run.adventureId === adventureId && run.speed === 1 && !run.review),
  );
  const session = $derived(sessions.find(({ id }) => id === sessionId) ?? null);
  const fileDay = $derived.by(() => {
    const file = recording ?? captions;
    return format(session?.startedAt ?? (file ? file.lastModified : Date.now()), 'yyyy-MM-dd');
  });
  const day = $derived(chosenDay || fileDay);
  const sessionName = (run: Run) =>
    `${format(run.startedAt, 'EEE d MMMM, HH:mm')} (${lengthInWords(run.leading.elapsedSeconds)})`;

  /** An adventure of the demo whose captions ship: this one, or the first. */
  const demo = $derived.by(() => {
    const records = shelf.records.filter((record) => record.demo && demoRecording(record.id));
    return records.find(({ id }) => id === adventureId) ?? records[0] ?? null;
  });
  async function takeDemo() {
    if (!demo) return;
    adventureId = demo.id;
    captions = (await demoRecording(demo.id)?.()) ?? null;
  }

  async function begin() {
    if (!adventure) return;
    working = true;
    trouble = '';
    try {
      const id = await beginReview(adventure, { captions, recording, session, day });
      await goto(resolve('/review/[id]', { id }));
    } catch (reason) {
      trouble =
        reason instanceof CantReview
          ? reason.message
          : 'That didn’t work, and nothing was changed. Try it once more, or with the captions alone.';
    } finally {
      working = false;
    }
  }
</script>

<svelte:head><title>Look at a recording · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-4xl px-4 pb-24 sm:px-6">
  <a class="mt-3 -ml-3 btn-quiet" href={resolve('/logbook')}>
    <ArrowLeft size={18} aria-hidden="true" />Logbook
  </a>
  <h1 class="mt-2 text-4xl">Look at a recording</h1>
  <p class="mt-2 max-w-prose text-lg">
    You filmed a session, or somebody let a recorder run. Arrup lays what was said along your script
    and shows what was left out, how long each thing took, and where a count got lost.
  </p>
  {#if shelf.records.length === 0}
    <p class="mt-8 border-t border-line pt-6 font-heading text-2xl">
      There’s no adventure on the <a href={resolve('/')}>shelf</a> to lay it along.
    </p>
  {:else}
    <ol class="mt-8 space-y-8">
      <li class="grid gap-x-6 gap-y-2 border-t border-line pt-4 sm:grid-cols-[3rem_1fr]">
        <span class="font-heading text-3xl font-bold text-pencil" aria-hidden="true">1</span>
        <div>
          <label class="block">
            <span class="font-heading text-xl font-bold">Which adventure was it?</span>
            <select class="select mt-2 w-full max-w-xl pl-3! text-lg" bind:value={adventureId}>
              {#each shelf.records as { id, document } (id)}
                <option value={id}>{titleOf(document)}</option>
              {/each}
            </select>
          </label>
          {#if sessions.length > 0}
            <label class="mt-3 block">
              <span class="text-soft">Did you lead it from the Stage? Then its dice are known.</span
              >
              <select class="select mt-1 w-full max-w-xl pl-3!" bind:value={sessionId}>
                <option value="">No, or I don’t know</option>
                {#each sessions as run (run.id)}
                  <option value={run.id}>{sessionName(run)}</option>
                {/each}
              </select>
            </label>
          {/if}
        </div>
      </li>
      <li class="grid gap-x-6 gap-y-2 border-t border-line pt-4 sm:grid-cols-[3rem_1fr]">
        <span class="font-heading text-3xl font-bold text-pencil" aria-hidden="true">2</span>
        <div>
          <h2 class="text-xl">What do you have of it?</h2>
          <p class="mt-1 text-soft">
            Captions find the most by themselves; any program that writes down speech makes them.
            With the recording you can hear each moment again. Both together are best. Nothing
            leaves this computer.
          </p>
          <div class="mt-3 grid gap-4 md:grid-cols-2">
            <FileChoice
              icon={Captions}
              title="Captions"
              hint=".vtt, .srt, or any text with times"
              accept=".vtt,.srt,.sbv,.ttml,.dfxp,.xml,.json,.lrc,.txt,.tsv,text/vtt"
              bind:file={captions}
            />
            <FileChoice
              icon={Film}
              title="The recording"
              hint="film or sound, as it is on your disk"
              accept="video/*,audio/*"
              bind:file={recording}
            />
          </div>
        </div>
      </li>
      <li class="grid gap-x-6 gap-y-2 border-t border-line pt-4 sm:grid-cols-[3rem_1fr]">
        <span class="font-heading text-3xl font-bold text-pencil" aria-hidden="true">3</span>
        <div class="flex flex-wrap items-end gap-4">
          <label>
            <span class="block text-soft">The day of it</span>
            <input
              class="input w-44"
              type="date"
              value={day}
              oninput={(event) => (chosenDay = event.currentTarget.value)}
            />
          </label>
          <button
            type="button"
            class="btn-lamp text-lg"
            disabled={working || !adventure || (!captions && !recording)}
            onclick={begin}>{working ? 'Listening…' : 'Lay it along the script'}</button
          >
          {#if !captions && !recording}
            <span class="text-soft">Choose captions or a recording first.</span>
          {/if}
        </div>
      </li>
    </ol>
    {#if demo}
      <p class="mt-8 border-t border-line pt-4" data-demo-recording>
        Nothing recorded yet?
        <button type="button" class="min-h-6 underline" onclick={takeDemo}
          >Take the demo’s captions of “{titleOf(demo.document)}”</button
        >: somebody led it and forgot a thing or two.
      </p>
    {/if}
    {#if trouble}<p class="mt-4 font-semibold text-pencil" role="alert">{trouble}</p>{/if}
  {/if}
</main>
