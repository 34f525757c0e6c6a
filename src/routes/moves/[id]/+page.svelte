<script lang="ts">
  import {
    alsoCalled,
    AGE_BANDS,
    DEFERRING_LINE,
    figureOfMove,
    moveBookOf,
    movesUsed,
    newOwnMove,
    type Move,
    titleOf,
  } from '$core';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import Copy from '@lucide/svelte/icons/copy';
  import ImageDown from '@lucide/svelte/icons/image-down';
  import ListPlus from '@lucide/svelte/icons/list-plus';
  import Pencil from '@lucide/svelte/icons/pencil';
  import Trash from '@lucide/svelte/icons/trash-2';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import EffortMarks from '$lib/moves/EffortMarks.svelte';
  import {
    EFFORT_WORDS,
    FAMILY_WORDS,
    ORIGIN_WORDS,
    rangeInWords,
    SPACE_WORDS,
  } from '$lib/moves/words';
  import { askForGif } from '$lib/figures/ask-for-gif';
  import LivingFigure from '$lib/figures/LivingFigure.svelte';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { download } from '$lib/ui/download';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { newId } from '$lib/store/new-id';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import { trash } from '$lib/store/trash.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  const travelling = $derived(shelf.records.flatMap(({ document }) => document.moves));
  const book = $derived(moveBookOf({ moves: [...travelling, ...ownMoves.list] }));
  const move = $derived(book.get(page.params.id ?? ''));
  const usedIn = $derived(
    shelf.records.filter(({ document }) => movesUsed(document).some(({ id }) => id === move?.id)),
  );
  const FORMS = [
    ['easier', 'Easier'],
    ['harder', 'Harder'],
    ['seated', 'Sitting down'],
  ] as const;

  const own = $derived(ownMoves.list.find(({ id }) => id === move?.id));

  async function copy() {
    if (!move) return;
    const mine = newOwnMove(newId, move);
    await ownMoves.save(mine);
    await goto(resolve('/moves/[id]/change', { id: mine.id }));
  }
  let filming = $state(false);
  async function film(shown: Move) {
    filming = true;
    try {
      const { look } = preferences.current;
      const bytes = await askForGif({ move: shown, look }).result;
      download(`${shown.id}.gif`, 'image/gif', bytes);
    } catch (reason) {
      notices.say(
        `It couldn’t be drawn: ${reason instanceof Error ? reason.message : String(reason)}`,
      );
    } finally {
      filming = false;
    }
  }
  async function remove(gone: Move) {
    const place = await ownMoves.remove(gone.id);
    notices.say(`“${gone.name}” is gone from your moves. Adventures that use it keep it.`, {
      label: 'Undo',
      run: async () => {
        await trash.putBack(place);
        await ownMoves.load();
      },
    });
    await goto(resolve('/moves'));
  }
  /** On to the Desk, where it goes in as the last thing that is done. */
  function putInto(id: string) {
    if (!id || !move) return;
    // eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a question behind it
    void goto(`${resolve('/desk/[id]', { id })}?put=${encodeURIComponent(move.id)}`);
  }
</script>

<svelte:head><title>{move?.name ?? 'A move'} · Moves · Arrup</title></svelte:head>

{#if !move}
  {#if ownMoves.ready && shelf.ready}<NotHere what="move" />{/if}
{:else}
  <main id="main" tabindex="-1" class="mx-auto max-w-5xl px-4 pb-24 sm:px-6">
    <a class="mt-3 -ml-3 btn-quiet" href={resolve('/moves')}>
      <ArrowLeft size={18} aria-hidden="true" />Moves
    </a>
    <div class="mt-2 flex flex-wrap items-center gap-x-8 gap-y-4">
      <div class="figure"><LivingFigure {move} /></div>
      <div class="min-w-0 flex-1 basis-80">
        <h1 class="text-4xl first-letter:uppercase">{move.name}</h1>
        <p class="text-lg text-soft">
          {FAMILY_WORDS[move.family]}, {SPACE_WORDS[move.space]}, {move.posture}
        </p>
        <p class="-ml-3 flex flex-wrap">
          {#if own}
            <a class="btn-quiet" href={resolve('/moves/[id]/change', { id: own.id })}>
              <Pencil size={18} aria-hidden="true" />Change it
            </a>
          {/if}
          <button type="button" class="btn-quiet" onclick={copy}>
            <Copy size={18} aria-hidden="true" />{own
              ? 'Another like it'
              : 'A copy to make your own'}
          </button>
          {#if figureOfMove(move)}
            <button type="button" class="btn-quiet" disabled={filming} onclick={() => film(move)}>
              <ImageDown size={18} aria-hidden="true" />{filming
                ? 'Drawing it…'
                : 'A moving picture for a message'}
            </button>
          {/if}
          {#if shelf.records.length > 0}
            <label class="btn-quiet">
              <ListPlus size={18} aria-hidden="true" />Put it into
              <select
                class="inline-word max-w-56 bg-none! pr-0!"
                aria-label="Put it into an adventure"
                value=""
                onchange={(event) => putInto(event.currentTarget.value)}
              >
                <option value="">which adventure?</option>
                {#each shelf.records as { id, document } (id)}
                  <option value={id}>{titleOf(document)}</option>
                {/each}
              </select>
            </label>
          {/if}
          {#if own}
            <button type="button" class="btn-quiet" onclick={() => remove(own)}>
              <Trash size={18} aria-hidden="true" />Delete
            </button>
          {/if}
        </p>
      </div>
    </div>
    <div class="mt-6 grid gap-x-14 gap-y-6 text-lg md:grid-cols-2">
      <section>
        <h2 class="text-xl">How it goes</h2>
        <div class="my-2" aria-hidden="true"><MovePicture {move} poses={4} size={92} /></div>
        <ul class="mt-1 list-disc pl-6">
          {#each move.formCues as cue (cue)}<li>{cue}</li>{/each}
        </ul>
        <p class="mt-3">
          <EffortMarks effort={move.effort} />
          <span class="ml-2">{EFFORT_WORDS[move.effort]}; works {move.regions.join(', ')}.</span>
        </p>
        <p class="mt-1 text-soft">
          {move.secondsPerRep['6-7']} s each, led and counted aloud; {move.secondsPerRep['3-4']} s with
          the youngest.
          {#if move.landingsPerRep > 0}
            {move.landingsPerRep === 1 ? 'One landing' : `${move.landingsPerRep} landings`} each.
          {/if}
          {#if move.metresPerRep > 0}About {move.metresPerRep} m each.{/if}
          {move.sided ? 'It has a left and a right.' : ''}
          {move.quiet ? 'Quiet.' : 'Noisy.'}
        </p>
      </section>
      <section>
        <h2 class="text-xl">How much is usual</h2>
        <table class="mt-1 w-full max-w-sm tabular">
          <tbody>
            {#each AGE_BANDS as band (band)}
              <tr class="border-t border-line">
                <th class="py-1 text-left font-normal" scope="row">
                  {band === '5' ? 'Age 5' : `Ages ${band.replace('-', ' and ')}`}
                </th>
                <td class="py-1 text-right font-semibold">{rangeInWords(move.usual, band)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
        <p class="mt-2 text-soft">
          {move.fromAge > 3 ? `Most children can from about ${move.fromAge}. ` : ''}{ORIGIN_WORDS[
            move.origin
          ]}
        </p>
      </section>
      <section>
        <h2 class="text-xl">For everybody</h2>
        <dl class="mt-1">
          {#each FORMS as [form, word] (form)}
            {@const other = book.get(move[form] ?? '')}
            {#if other}
              <div class="flex gap-3">
                <dt class="w-32 text-soft">{word}</dt>
                <dd>
                  <a class="underline" href={resolve('/moves/[id]', { id: other.id })}
                    >{other.name}</a
                  >
                </dd>
              </div>
            {/if}
          {:else}
            <p>As it is.</p>
          {/each}
        </dl>
      </section>
      <section>
        <h2 class="text-xl">Look out for</h2>
        <ul class="mt-1 list-disc pl-6">
          {#each move.cautions as caution (caution)}
            <li>{caution}</li>
          {/each}
          <li class="text-soft">{DEFERRING_LINE}</li>
        </ul>
      </section>
      <section>
        <h2 class="text-xl">What it looks like</h2>
        <p class="mt-1">{move.pictureWords.join(', ')}</p>
        {#if alsoCalled(move).length > 0}
          <p class="mt-1 text-soft">Also found as: {alsoCalled(move).join(', ')}.</p>
        {/if}
      </section>
      <section>
        <h2 class="text-xl">Where you use it</h2>
        {#if usedIn.length === 0}
          <p class="mt-1">In none of your adventures yet.</p>
        {:else}
          <ul class="mt-1">
            {#each usedIn as { id, document } (id)}
              <li>
                <a class="underline" href={resolve('/desk/[id]', { id })}>{titleOf(document)}</a>
              </li>
            {/each}
          </ul>
        {/if}
      </section>
    </div>
  </main>
{/if}

<style>
  .figure {
    width: 15rem;
    height: 14rem;
    border-radius: 1.25rem;
    background: var(--raised);
    padding: 0.5rem;
  }
</style>
