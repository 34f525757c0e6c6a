<!-- Beside a line of story: moves that could be it, going, each with its reason in a word or two. -->
<script lang="ts">
  import { ideasFor, movesAround, reasonOf, type Idea, type Move } from '$core';
  import type { Desk, InsertPlace } from '$lib/desk/desk.svelte';
  import LivingFigure from '$lib/figures/LivingFigure.svelte';
  import { lastLed } from './last-led';
  import { loadWordNet } from './word-net';
  import { tip } from '$lib/ui/parts/tip';

  type Props = {
    desk: Desk;
    line: string;
    /** Where a move for it would stand. */
    place: InsertPlace;
    ontake: (move: Move) => void;
  };
  const { desk, line, place, ontake }: Props = $props();

  /** While somebody types, nothing hops about. */
  const PAUSE_MS = 250;
  let ideas = $state.raw<readonly Idea[]>([]);
  const wanted = $derived(line.trim());

  /** `isLate`: something else is typed, or the line has been closed, and its place is gone. */
  async function think(text: string, isLate: () => boolean) {
    const { book, adventure } = desk;
    const [net, lately] = await Promise.all([
      loadWordNet().catch(() => null),
      lastLed(adventure.id),
    ]);
    if (isLate()) return;
    ideas = ideasFor(text, {
      book,
      setting: adventure.setting,
      net,
      cast: adventure.world.cast,
      beside: movesAround(adventure, place),
      lately,
    });
  }
  $effect(() => {
    const text = wanted;
    let isLate = false;
    const waits = setTimeout(() => void think(text, () => isLate), PAUSE_MS);
    return () => {
      isLate = true;
      clearTimeout(waits);
    };
  });
</script>

{#if ideas.length > 0}
  <div class="ideas" role="group" aria-label="Moves for this line" data-ideas>
    {#each ideas as idea (idea.move.id)}
      <button
        type="button"
        class="idea"
        {@attach tip(`Put ${idea.move.plural} below this line`)}
        onclick={() => ontake(idea.move)}
      >
        <span class="picture"><LivingFigure move={idea.move} poses={1} /></span>
        <span class="min-w-0">
          <span class="block leading-tight font-semibold">{idea.move.name}</span>
          <span class="block text-[0.9375rem] leading-tight text-soft">{reasonOf(idea)}</span>
        </span>
      </button>
    {/each}
  </div>
{/if}

<style>
  /* Slips of paper beside the line, as somebody at your shoulder would lay them down. */
  .ideas {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 0.6rem;
    padding: 0.3rem 0 0.4rem 0.25rem;
  }
  .idea {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    max-width: 100%;
    min-height: 3.25rem;
    padding: 0.15rem 0.75rem 0.15rem 0.25rem;
    border: 1px dashed var(--line);
    border-radius: 4px 14px 4px 4px;
    background: var(--raised);
    text-align: left;
  }
  .idea:hover,
  .idea:focus-visible {
    border-style: solid;
    border-color: var(--water);
  }
  .picture {
    flex: none;
    width: 3rem;
    height: 3rem;
  }
</style>
