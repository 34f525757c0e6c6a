<!-- Something is shown, begun, done or rested from: name, figure and count, each as large as it can be. -->
<script lang="ts">
  import Fitted from './Fitted.svelte';
  import type { Draw, Move, MoveBook, Thing } from '$core';
  import LivingFigure from '$lib/figures/LivingFigure.svelte';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import type { Shown } from '../companions';
  import Count from './Count.svelte';
  import { shapeOfDoing } from './doing-shape';
  import SideArrow from './SideArrow.svelte';
  import ThingShown from './ThingShown.svelte';

  type Props = {
    shown: Shown;
    name: string;
    moves: readonly Move[];
    /** Seconds since the cue began, for a figure that keeps step with it; null for its own clock. */
    elapsed: () => number | null;
    /** The leader counts by taps, here. */
    ontap?: (() => void) | undefined;
    /** What was drawn stays beside the move. */
    drawn: Readonly<{ beat: Draw; things: readonly Thing[] }> | null;
    book: MoveBook;
    /** "5 × 2 = 10". */
    sum: string;
    forChildren: boolean;
  };
  const { shown, name, moves, elapsed, ontap, drawn, book, sum, forChildren }: Props = $props();

  const { moment } = $derived(shown);
  const shape = $derived(shapeOfDoing(shown, name, moves));
</script>

<div
  class={[
    'doing',
    moment,
    shape.counted && 'counted',
    shape.pictured && 'pictured',
    shape.long ? 'long' : 'short',
    shape.wordy && 'wordy',
  ]}
  style:--left={Math.max(0, Math.min(1, shown.share))}
>
  <Fitted words={name} most={150} />
  {#if shape.pictured}
    <div class="seen">
      {#if shown.side === 'left'}<SideArrow side="left" withWord={!forChildren} />{/if}
      {#if shape.sign && shape.signShown}
        <span class={['sign', moves.length > 0 && 'small']} aria-hidden="true">
          <PictureSvg picture={shape.sign} size="100%" strokeWidth={1.5} />
        </span>
      {/if}
      {#if moves.length > 0}
        <span class="figures" data-figures={moves.length} data-move={moves[0]?.id}>
          {#each moves as move, n (move.id)}
            <span class="figure">
              <LivingFigure
                {move}
                held={shown.held}
                flip={n === 0 && shown.flip}
                secondsPerRep={shown.secondsPerRep}
                {elapsed}
              />
            </span>
          {/each}
        </span>
      {/if}
      {#if drawn && drawn.things.length > 0}
        <span class="beside" data-beside>
          {#each drawn.things as thing, n (n)}
            <ThingShown {thing} beat={drawn.beat} {book} />
          {/each}
          {#if sum}<b class="sum">{sum}</b>{/if}
        </span>
      {/if}
      {#if shown.side === 'right'}<SideArrow side="right" withWord={!forChildren} />{/if}
    </div>
  {/if}
  {#if shape.counted}
    <div class="counter">
      {#if ontap}
        <button type="button" class="h-full w-full" aria-label="Count one" onclick={ontap}>
          <Count shape={shape.count} count={shown.count!} of={shown.of} share={shown.share} />
        </button>
      {:else}
        <Count shape={shape.count} count={shown.count!} of={shown.of} share={shown.share} />
      {/if}
    </div>
  {/if}
</div>

<style>
  .doing {
    position: relative;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr);
    gap: 1.5cqmin 3cqmin;
    height: 100%;
  }
  .pictured,
  .counted {
    grid-template-rows: minmax(0, 4fr) minmax(0, 7fr);
  }
  .counted.pictured {
    grid-template-columns: minmax(0, 11fr) minmax(0, 9fr);
  }
  .counted.pictured :global(.room) {
    grid-column: 1 / -1;
  }
  .wordy.pictured {
    grid-template-rows: minmax(0, 7fr) minmax(0, 5fr);
  }
  .wordy.counted {
    grid-template-rows: minmax(0, 13fr) minmax(0, 11fr);
  }
  .seen,
  .counter {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 2cqmin;
    min-width: 0;
    min-height: 0;
  }
  .figures {
    display: flex;
    flex: 1 1 0;
    height: 100%;
    min-width: 0;
    justify-content: center;
  }
  .figure {
    flex: 1 1 0;
    height: 100%;
    min-width: 0;
  }
  .sign {
    height: 62%;
    aspect-ratio: 1;
    max-width: 45%;
    color: var(--water);
  }
  .sign.small {
    height: 34%;
    max-width: 24%;
  }
  .sign :global(svg) {
    width: 100%;
    height: 100%;
  }
  .beside {
    display: flex;
    flex: 0 0 30%;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 1.5cqmin;
    height: min(100%, 52cqmin);
    min-width: 0;
  }
  .sum {
    flex: none;
    font-family: 'Plain Figures', var(--font-heading);
    font-size: clamp(1.5rem, 5.5cqmin, 3.25rem);
    line-height: 1;
    white-space: nowrap;
  }

  /* A shape for each kind of moment. */
  .show .seen {
    background: radial-gradient(
      closest-side,
      color-mix(in oklab, var(--lamp) 55%, var(--page)) 96%,
      transparent 97%
    );
  }
  .count-in {
    grid-template-columns: minmax(0, 1fr) minmax(0, 2fr) !important;
  }
  .hold {
    padding: 1.5cqmin 3cqmin;
    border: clamp(10px, 2.4cqmin, 24px) solid var(--ink);
  }
  .rest,
  .drink,
  .calm {
    padding: 1.5cqmin 3cqmin;
  }
  .rest::before,
  .drink::before,
  .calm::before {
    content: '';
    position: absolute;
    inset: auto 0 0;
    z-index: -1;
  }
  .rest::before {
    height: 62%;
    border-radius: 50% 50% 0 0 / 100% 100% 0 0;
    background: color-mix(in oklab, var(--cool-down) 32%, var(--page));
  }
  /* The glass that is drunk empty. */
  .drink::before {
    height: calc(100% * var(--left));
    border-top: 6px solid var(--water);
    background: color-mix(in oklab, var(--drink) 34%, var(--page));
  }
  .calm::before {
    height: 55%;
    background: color-mix(in oklab, var(--calm) 34%, var(--page));
    clip-path: ellipse(70% 100% at 50% 100%);
  }
  .swap .seen,
  .change .seen {
    border-inline: clamp(6px, 1.4cqmin, 14px) dashed var(--water);
    padding-inline: 2cqmin;
  }
  .setup {
    border: clamp(4px, 1cqmin, 10px) dashed var(--water);
    padding: 1cqmin;
  }

  /* Upright: one under the other. */
  @container (aspect-ratio < 1) {
    .pictured {
      grid-template-rows: minmax(0, 6fr) minmax(0, 4fr);
    }
    .counted.pictured,
    .count-in.counted.pictured {
      grid-template-columns: minmax(0, 1fr) !important;
      grid-template-rows: minmax(0, 9fr) minmax(0, 5fr) minmax(0, 9fr);
    }
    .count-in.counted.pictured {
      grid-template-rows: minmax(0, 5fr) minmax(0, 4fr) minmax(0, 10fr);
    }
    .wordy.counted.pictured,
    .wordy.count-in.counted.pictured {
      grid-template-rows: minmax(0, 8fr) minmax(0, 7fr) minmax(0, 8fr);
    }
    .pictured .seen {
      order: -1;
    }
    .pictured :global(.room) {
      text-align: center;
    }
  }
  /* Low and wide: side by side, where no word is too long for that. */
  @container (aspect-ratio > 2.2) {
    .pictured.short {
      grid-template-columns: minmax(0, 1fr) minmax(0, 2fr);
      grid-template-rows: minmax(0, 1fr);
    }
    .counted.short {
      grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
      grid-template-rows: minmax(0, 1fr);
    }
    .counted.pictured.short,
    .count-in.counted.pictured.short {
      grid-template-columns: minmax(0, 5fr) minmax(0, 7fr) minmax(0, 4fr) !important;
    }
    .counted.pictured.short :global(.room) {
      grid-column: auto;
    }
    .pictured.short .seen {
      order: -1;
    }
  }
</style>
