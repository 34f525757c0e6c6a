<!-- One's own adventure beside what came back: each difference with its two sides, taken one by one or all. -->
<script lang="ts">
  import {
    counted,
    differencesOf,
    takeAll,
    takeDifference,
    titleOf,
    type Adventure,
    type Difference,
  } from '$core';
  import { resolve } from '$app/paths';
  import Check from '@lucide/svelte/icons/check';
  import FolderOpen from '@lucide/svelte/icons/folder-open';
  import Undo from '@lucide/svelte/icons/undo-2';
  import SaveState from '$lib/desk/SaveState.svelte';
  import { apartFrom, askToReadFile, NOT_READ, problemInWords } from '$lib/plan/ask-to-read';
  import type { AdventureDraft } from '$lib/store/open-draft';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { compare } from './compare-place.svelte';
  import { differenceInWords } from './difference-words';
  import FileButton from '$lib/ui/parts/FileButton.svelte';

  const { draft }: { draft: AdventureDraft } = $props();

  const own = $derived(draft.document);
  const theirs = $derived(compare.theirs);
  const differences = $derived(theirs ? differencesOf(own, theirs) : []);
  const isOther = $derived(
    theirs !== null &&
      theirs.chapters.length > 0 &&
      !theirs.chapters.some(({ id }) => own.chapters.some((chapter) => chapter.id === id)),
  );
  let reasons = $state.raw<readonly string[]>([]);
  let heading = $state<HTMLElement>();

  async function read(file: File) {
    await ownMoves.load();
    const asked = await askToReadFile(file, ownMoves.list);
    const result = await asked.result.catch(() => null);
    if (result?.ok) {
      reasons = [];
      compare.theirs = apartFrom(ownMoves.list, result.value.adventure);
    } else {
      reasons = result ? result.problems.map(problemInWords) : [NOT_READ];
    }
  }

  function change(next: (now: Adventure) => Adventure) {
    draft.edit(next);
    draft.closeStep();
    // What was pressed may be gone: the next thing to do is near.
    heading?.focus();
  }
  const take = (difference: Difference) =>
    change((now) => takeDifference(now, theirs!, difference));
</script>

<div class="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 pt-4">
  <a class="-ml-3 btn-quiet" href={resolve('/desk/[id]', { id: own.id })}>Back to the Desk</a>
  <SaveState {draft} />
</div>
<h1 class="mt-2 text-4xl">Side by side</h1>
<p class="mt-1 max-w-prose text-soft">
  Yours is <b class="text-ink">{titleOf(own)}</b>. Open what a colleague sent back, and take from it
  what you like: nothing of yours changes before you do.
</p>
<p class="mt-4 flex flex-wrap gap-3">
  <FileButton
    label="What came back"
    accept=".json,.html"
    class={theirs ? 'btn-quiet border border-line' : 'btn-lamp'}
    onfile={(file) => void read(file)}
  >
    <FolderOpen size={20} aria-hidden="true" />{theirs ? 'Open another' : 'Open what came back'}
  </FileButton>
  <button
    type="button"
    class="btn-quiet border border-line"
    disabled={!draft.canUndo}
    onclick={() => draft.undo()}
  >
    <Undo size={20} aria-hidden="true" />Undo
  </button>
</p>
{#if reasons.length > 0}
  <div class="mt-4 border-l-4 border-pencil py-1 pl-5" role="alert">
    <p>It wasn’t opened. Nothing here has changed.</p>
    <ul class="list-disc pl-5">
      {#each reasons as reason, n (n)}<li>{reason}</li>{/each}
    </ul>
  </div>
{/if}

{#if theirs}
  <section class="mt-6" aria-labelledby="differences">
    <div class="flex flex-wrap items-center justify-between gap-3">
      <h2 id="differences" tabindex="-1" class="text-2xl" bind:this={heading}>
        {differences.length === 0
          ? 'Both are alike now'
          : counted(differences.length, 'difference', 'differences')}
      </h2>
      {#if differences.length > 0}
        <button
          type="button"
          class="btn-quiet border border-line"
          onclick={() => change((now) => takeAll(now, theirs))}
        >
          Take all of theirs
        </button>
      {/if}
    </div>
    {#if isOther}
      <p class="mt-2 border-l-4 border-pencil py-1 pl-4">
        This isn’t a version of yours: it was made by itself, so everything in it is new. Taking all
        of theirs puts it in place of yours.
      </p>
    {/if}
    <ul class="mt-3">
      {#each differences as difference (difference.is + difference.id)}
        {@const shown = differenceInWords(difference, own, theirs)}
        <li class="border-t border-line py-3" data-difference={difference.is}>
          <div class="flex items-start gap-4">
            <p class="flex-1 font-semibold">{shown.what}</p>
            <button
              type="button"
              class="btn-quiet border border-line"
              aria-label="Take it: {shown.what}, {shown.theirs || shown.own}"
              onclick={() => take(difference)}
            >
              <Check size={18} aria-hidden="true" />{difference.is === 'gone' ||
              difference.is === 'chapter gone'
                ? 'Take it out'
                : 'Take it'}
            </button>
          </div>
          <div class="mt-1 grid gap-x-6 gap-y-1 md:grid-cols-2">
            <p class={['wrap-break-word', !shown.own && 'text-soft']}>
              <span class="block text-sm text-soft">Yours</span>{shown.own || 'not there'}
            </p>
            <p class={['wrap-break-word', !shown.theirs && 'text-soft']}>
              <span class="block text-sm text-soft">Theirs</span>{shown.theirs || 'not there'}
            </p>
          </div>
        </li>
      {/each}
    </ul>
  </section>
{/if}
