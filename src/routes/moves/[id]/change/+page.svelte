<script lang="ts">
  import { moveBookOf } from '$core';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Redo from '@lucide/svelte/icons/redo-2';
  import Undo from '@lucide/svelte/icons/undo-2';
  import SaveState from '$lib/desk/SaveState.svelte';
  import OwnMoveEditor from '$lib/moves/OwnMoveEditor.svelte';
  import { tend } from '$lib/store/open-draft';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  const id = $derived(page.params.id ?? '');
  const book = $derived(moveBookOf({ moves: ownMoves.list }));
  const { data } = $props();
  const draft = $derived(data.draft);

  $effect(() => (draft ? tend(draft) : undefined));
</script>

<svelte:head
  ><title>{draft?.document.name || 'A move of your own'} · Moves · Arrup</title></svelte:head
>

{#if draft}
  <main id="main" tabindex="-1" class="mx-auto max-w-5xl px-4 pb-24 sm:px-6">
    <div class="flex flex-wrap items-center gap-x-2 pt-3">
      <a class="-ml-3 btn-quiet" href={resolve('/moves/[id]', { id })}>
        <ArrowLeft size={18} aria-hidden="true" />Done
      </a>
      <span class="flex-1"></span>
      <SaveState {draft} />
      <button
        type="button"
        class="btn-quiet"
        disabled={!draft.canUndo}
        onclick={() => draft?.undo()}
      >
        <Undo size={18} aria-hidden="true" />Undo
      </button>
      <button
        type="button"
        class="btn-quiet"
        disabled={!draft.canRedo}
        onclick={() => draft?.redo()}
      >
        <Redo size={18} aria-hidden="true" />Redo
      </button>
    </div>
    <OwnMoveEditor {draft} {book} />
    <p class="mt-8 max-w-3xl pl-1 text-soft">
      A move that you change here changes in every adventure on your shelf that uses it. Its
      cautions are yours to judge.
    </p>
  </main>
{:else}
  <NotHere what="move" />
{/if}
