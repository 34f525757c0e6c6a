<!-- Before the first child: what to look at, how to lead, and one big button. -->
<script lang="ts">
  import {
    cautionsOf,
    capital,
    clockOf,
    DEFERRING_LINE,
    drawsOf,
    kitInWords,
    kitListOf,
    lengthTold,
    type Adventure,
    type CountsMode,
    type HoldsMode,
    type LinesMode,
    type Schedule,
    type ThrowsMode,
    titleOf,
    toldLength,
  } from '$core';
  import Play from '@lucide/svelte/icons/play';
  import RotateCcw from '@lucide/svelte/icons/rotate-ccw';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import type { Snippet } from 'svelte';

  type Props = {
    adventure: Adventure;
    schedule: Schedule;
    lines: LinesMode;
    speed: number;
    /** A session that was left in the middle, and where. */
    left: string | null;
    holds: HoldsMode;
    onholds: (holds: HoldsMode) => void;
    counts: CountsMode;
    oncounts: (counts: CountsMode) => void;
    throws: ThrowsMode;
    onthrows: (throws: ThrowsMode) => void;
    /** Step by step: nothing runs until it is pressed on. */
    stepwise: boolean;
    onstepwise: (stepwise: boolean) => void;
    onlines: (lines: LinesMode) => void;
    onspeed: (speed: number) => void;
    oncarryon: () => void;
    onbegin: () => void;
    /** Where else to go, at the top. */
    links: Snippet;
  };
  const {
    adventure,
    schedule,
    lines,
    speed,
    left,
    holds,
    onholds,
    counts,
    oncounts,
    throws,
    onthrows,
    stepwise,
    onstepwise,
    onlines,
    onspeed,
    oncarryon,
    onbegin,
    links,
  }: Props = $props();

  const MOST_CAUTIONS = 4;
  const kit = $derived(kitListOf(adventure, adventure.setting).map(kitInWords));
  const cautions = $derived(cautionsOf(adventure).slice(0, MOST_CAUTIONS));
  const told = $derived(toldLength(adventure, adventure.setting, preferences.pace));
  const empty = $derived(schedule.cues.length === 0);
  const draws = $derived(drawsOf(adventure).length > 0);
</script>

<main id="main" tabindex="-1" class="ready">
  <p class="links">
    {@render links()}
  </p>
  <div class="both">
    <section>
      <h1>{titleOf(adventure)}</h1>
      {#if empty}
        <p class="mt-6 text-2xl">
          There’s nothing to lead yet. Write a line or a move on the Desk first.
        </p>
      {:else}
        <p class="mt-3 text-2xl">
          {capital(lengthTold(told))}, in a slot of {clockOf(adventure.setting.slotSeconds)}.
        </p>
        <div class="mt-5 flex flex-wrap items-center gap-4">
          {#if left}
            <button type="button" class="btn-lamp px-8! py-4! text-3xl" onclick={oncarryon}>
              <Play size={34} aria-hidden="true" />Carry on
            </button>
            <button type="button" class="btn-quiet px-5! py-3! text-xl" onclick={onbegin}>
              <RotateCcw size={24} aria-hidden="true" />From the start
            </button>
            <p class="w-full text-xl">You stopped at {left}.</p>
          {:else}
            <button type="button" class="btn-lamp px-10! py-5! text-4xl" onclick={onbegin}>
              <Play size={40} aria-hidden="true" />Go
            </button>
          {/if}
        </div>
        <p class="mt-5 text-xl leading-10">
          When a line is said,
          <InlineChoice
            value={lines}
            label="After a spoken line"
            choices={[
              ['run on', 'the clock runs on'],
              ['wait for me', 'the clock waits for me'],
            ] as const}
            onchange={onlines}
          />. A hold begins
          <InlineChoice
            value={holds}
            label="How a hold begins"
            choices={[
              ['run on', 'after its count-in'],
              ['wait for me', 'when I press that everybody is in'],
            ] as const}
            onchange={onholds}
          />. Reps are counted
          <InlineChoice
            value={counts}
            label="How reps are counted"
            choices={[
              ['tempo', 'at their tempo'],
              ['taps', 'by my taps, one each'],
            ] as const}
            onchange={oncounts}
          />.
          {#if draws}
            What is drawn on the screen
            <InlineChoice
              value={throws}
              label="How a draw falls"
              choices={[
                ['shown', 'falls before their eyes'],
                ['quick', 'lies there at once'],
              ] as const}
              onchange={onthrows}
            />.
          {/if}
          This is
          <InlineChoice
            value={stepwise ? 0 : speed}
            label="For real or as a rehearsal"
            choices={[
              [1, 'for real'],
              [2, 'a rehearsal, twice as fast'],
              [4, 'a rehearsal, four times as fast'],
              [8, 'a rehearsal, eight times as fast'],
              [0, 'a rehearsal, step by step'],
            ] as const}
            onchange={(chosen) => {
              onstepwise(chosen === 0);
              onspeed(chosen === 0 ? 2 : chosen);
            }}
          />.
        </p>
        <p class="keys">
          <b>Space</b> or a page-turner starts it, goes and pauses · <b>→</b> next · <b>←</b> back ·
          <b>C</b> change it · <b>M</b> sound
        </p>
      {/if}
    </section>
    {#if !empty}
      <section class="around" aria-label="Before you start">
        <h2>Have a look around</h2>
        {#if kit.length > 0}<p class="kit">At hand: {kit.join(', ')}.</p>{/if}
        <ul>
          {#each cautions as caution (caution.text)}<li>{caution.text}</li>{/each}
        </ul>
        <p class="text-soft">{DEFERRING_LINE}</p>
      </section>
    {/if}
  </div>
</main>

<style>
  .ready {
    max-width: 80rem;
    min-height: 100dvh;
    margin: 0 auto;
    padding: 0.75rem clamp(1rem, 3vw, 2.5rem) 1.25rem;
  }
  .links {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
  }
  h1 {
    font-size: clamp(2.5rem, 6vw, 4.25rem);
    font-weight: 800;
  }
  .both {
    display: grid;
    gap: 1.5rem clamp(1.5rem, 4vw, 4rem);
    margin-top: 1rem;
  }
  .keys {
    margin-top: 0.75rem;
    font-size: 1.0625rem;
    line-height: 1.6;
    color: var(--soft);
  }
  .around {
    font-size: 1.25rem;
    line-height: 1.35;
  }
  .around h2 {
    font-size: 1.75rem;
  }
  .around .text-soft {
    font-size: 1.0625rem;
  }
  .around li {
    border-bottom: 1px solid var(--line);
    padding-block: 0.6rem;
  }
  .around p {
    margin-top: 0.6rem;
  }
  .kit {
    font-size: 1.25rem;
  }
  @media (min-width: 60rem) {
    .both {
      grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    }
    .around {
      border-left: 2px solid var(--line);
      padding-left: clamp(1rem, 2.5vw, 2rem);
    }
  }
</style>
