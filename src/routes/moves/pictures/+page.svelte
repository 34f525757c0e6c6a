<!-- Every move at a glance: going, as key poses, or in lines as it is printed to save ink. -->
<script lang="ts">
  import { FAMILIES, moveBookOf, type Move } from '$core';
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import LivingFigure from '$lib/figures/LivingFigure.svelte';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { FAMILY_WORDS } from '$lib/moves/words';
  import { pictureUrl, printedPictures } from '$lib/pictures/move-pictures';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { gradually } from '$lib/ui/gradually.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';

  type Shown = 'going' | 'poses' | 'lines';
  let shown = $state<Shown>('going');
  /** Without their names, to see what each is taken for. */
  let named = $state(true);
  const moves = $derived([...moveBookOf({ moves: ownMoves.list }).values()]);
  const families = $derived(
    FAMILIES.map((family) => ({
      family,
      moves: moves.filter((move) => move.family === family),
    })).map((one, n, list) => ({
      ...one,
      before: list.slice(0, n).reduce((sum, { moves: earlier }) => sum + earlier.length, 0),
    })),
  );
  const all = gradually(() => moves.length, { first: 18, step: 6 });

  const printed = $derived(printedPictures(preferences.current.look));
  const lines = (move: Move) => pictureUrl(printed(move, { poses: 2, ink: 'saving' }));
</script>

<svelte:head><title>Pictures of all moves · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pb-24 sm:px-6">
  <a class="mt-3 -ml-3 btn-quiet" href={resolve('/moves')}>
    <ArrowLeft size={18} aria-hidden="true" />Moves
  </a>
  <h1 class="mt-2 text-4xl">All moves in pictures</h1>
  <p class="mt-2 text-lg">
    {moves.length} moves,
    <InlineChoice
      value={shown}
      label="How they are shown"
      choices={[
        ['going', 'as they go'],
        ['poses', 'in their key poses'],
        ['lines', 'in lines, as they’re printed to save ink'],
      ] as const}
      onchange={(next) => (shown = next)}
    />,
    <InlineChoice
      value={named}
      label="Their names"
      choices={[
        [true, 'with their names'],
        [false, 'without: what is each?'],
      ] as const}
      onchange={(next) => (named = next)}
    />.
  </p>
  {#each families as { family, moves: ofFamily, before } (family)}
    <h2 class="mt-8 text-2xl first-letter:uppercase">{FAMILY_WORDS[family]}</h2>
    <ul class="sheet">
      {#each ofFamily.slice(0, Math.max(0, all.count - before)) as move (move.id)}
        <li>
          <a href={resolve('/moves/[id]', { id: move.id })}>
            <span class={['figure', shown === 'lines' && 'paper']} aria-hidden="true">
              {#if shown === 'going'}
                <LivingFigure {move} />
              {:else if shown === 'poses'}
                <MovePicture {move} poses={3} size="all" />
              {:else}
                <img src={lines(move)} alt="" />
              {/if}
            </span>
            <span class={['first-letter:uppercase', !named && 'sr-only']}>{move.name}</span>
          </a>
        </li>
      {/each}
    </ul>
  {/each}
</main>

<style>
  .sheet {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
    gap: 0.75rem;
    margin-top: 0.75rem;
  }
  li a {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 0.35rem;
    height: 100%;
    border-radius: 1rem;
    padding: 0.6rem;
    text-align: center;
    text-decoration: none;
    line-height: 1.15;
    background: var(--raised);
  }
  li a:hover {
    background: var(--sunk);
  }
  .figure {
    display: block;
    width: 100%;
    height: 7.5rem;
  }
  .paper {
    border-radius: 0.6rem;
    background: white;
  }
  img {
    width: 100%;
    height: 100%;
    object-fit: contain;
  }
</style>
