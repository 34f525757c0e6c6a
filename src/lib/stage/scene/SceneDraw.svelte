<!-- A draw: the thing itself fills half of the screen, and then what it means is told. -->
<script lang="ts">
  import Fitted from './Fitted.svelte';
  import type { Draw, MoveBook, Thing } from '$core';
  import ThingShown from './ThingShown.svelte';

  type Props = {
    beat: Draw;
    things: readonly Thing[];
    book: MoveBook;
    /** The move's name; the sum or the dose under it. */
    name: string;
    under: string;
    /** It falls with a little theatre, or lies there at once. */
    falling: boolean;
  };
  const { beat, things, book, name, under, falling }: Props = $props();
  /** A name of so many signs has lines of its own. */
  const MANY_SIGNS = 16;
</script>

<div
  class={[
    'draw',
    falling && 'falling',
    things.length === 0 && 'named',
    name.length >= MANY_SIGNS && 'wordy',
  ]}
>
  {#if things.length > 0}
    <div class="things">
      {#each things as thing, n (n)}<ThingShown {thing} {beat} {book} {falling} />{/each}
    </div>
  {/if}
  <div class="told">
    <Fitted words={name} most={150} />
    {#if under}<p class="under">{under}</p>{/if}
  </div>
</div>

<style>
  .draw {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
    grid-template-rows: minmax(0, 1fr);
    gap: 3cqmin;
    height: 100%;
    padding: 1cqmin 2cqmin;
    border-radius: 4cqmin;
    background: color-mix(in oklab, var(--warm-up) 20%, var(--page));
  }
  .named {
    grid-template-columns: minmax(0, 1fr);
  }
  .things {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 2cqmin;
    padding: 1cqmin 2cqmin;
    min-width: 0;
    min-height: 0;
  }
  .told :global(.room) {
    align-items: end;
  }
  .told {
    display: grid;
    grid-template-rows: minmax(0, 4fr) minmax(auto, 1fr);
    gap: 1cqmin;
    min-width: 0;
    min-height: 0;
  }
  .under {
    font-family: 'Plain Figures', var(--font-heading);
    font-size: clamp(1.5rem, 9cqmin, 5.5rem);
    font-weight: 700;
    line-height: 1.1;
  }
  /* Nobody reads what it means before it lies. */
  .falling .told {
    animation: appear 250ms var(--falls) backwards;
  }
  @keyframes appear {
    from {
      opacity: 0;
    }
  }
  @container (aspect-ratio < 1.4) {
    .draw {
      grid-template-columns: minmax(0, 1fr);
      gap: 1cqmin;
      grid-template-rows: minmax(0, 13fr) minmax(0, 8fr);
    }
    .wordy {
      grid-template-rows: minmax(0, 10fr) minmax(0, 11fr);
    }
    .named {
      grid-template-rows: minmax(0, 1fr);
    }
    .told {
      text-align: center;
    }
  }
</style>
