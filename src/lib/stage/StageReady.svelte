<!-- Before the first child: what to look at, how to lead, and one big button. -->
<script lang="ts">
  import {
    cautionsOf,
    capital,
    clockOf,
    DEFERRING_LINE,
    kitInWords,
    kitListOf,
    lengthTold,
    type Adventure,
    type CountsMode,
    type HoldsMode,
    type LinesMode,
    type Schedule,
    titleOf,
    toldLength,
  } from '$core';
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Play from '@lucide/svelte/icons/play';
  import RotateCcw from '@lucide/svelte/icons/rotate-ccw';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';

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
    /** Step by step: nothing runs until it is pressed on. */
    stepwise: boolean;
    onstepwise: (stepwise: boolean) => void;
    onlines: (lines: LinesMode) => void;
    onspeed: (speed: number) => void;
    oncarryon: () => void;
    onbegin: () => void;
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
    stepwise,
    onstepwise,
    onlines,
    onspeed,
    oncarryon,
    onbegin,
  }: Props = $props();

  const MOST_CAUTIONS = 4;
  const kit = $derived(kitListOf(adventure, adventure.setting).map(kitInWords));
  const cautions = $derived(cautionsOf(adventure).slice(0, MOST_CAUTIONS));
  const told = $derived(toldLength(adventure, adventure.setting, preferences.pace));
  const empty = $derived(schedule.cues.length === 0);
</script>

<main id="main" tabindex="-1" class="mx-auto max-w-5xl px-6 py-8">
  <a class="-ml-3 btn-quiet text-lg" href={resolve('/desk/[id]', { id: adventure.id })}>
    <ArrowLeft size={22} aria-hidden="true" />Desk
  </a>
  <h1 class="mt-4 text-6xl font-extrabold">{titleOf(adventure)}</h1>
  {#if empty}
    <p class="mt-6 text-2xl">
      There is nothing to lead yet. Write a line or a move on the Desk first.
    </p>
  {:else}
    <p class="mt-3 text-2xl">
      {capital(lengthTold(told))}, in a slot of {clockOf(adventure.setting.slotSeconds)}.
      {#if kit.length > 0}At hand: {kit.join(', ')}.{/if}
    </p>
    <div class="mt-8 flex flex-wrap items-center gap-4">
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
    <p class="mt-6 text-xl leading-10">
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
      />. This is
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
    <p class="mt-1 text-lg text-soft">
      Keys: <b>space</b> goes and pauses, <b>→</b> next, <b>←</b> back, <b>M</b> sound,
      <b>C</b> change it: easier, fewer, a drink, skip. A page-turner works too.
    </p>
    <p class="mt-1 text-lg">
      Beside it, if you like:
      <a
        class="underline"
        href={resolve('/stage/[id]/screen', { id: adventure.id })}
        target="_blank">a screen for the children</a
      >
      with picture, name and count, and
      <a
        class="underline"
        href={resolve('/stage/[id]/remote', { id: adventure.id })}
        target="_blank">a remote</a
      >, each in a window of its own.
    </p>
    <section class="mt-8 border-t-2 border-line pt-5 text-lg" aria-label="Before you start">
      <h2 class="text-2xl">Have a look around</h2>
      <ul class="mt-2 grid gap-x-10 gap-y-1 sm:grid-cols-2">
        {#each cautions as caution (caution.text)}<li class="border-b border-line py-1.5">
            {caution.text}
          </li>{/each}
      </ul>
      <p class="mt-3 text-soft">{DEFERRING_LINE}</p>
    </section>
  {/if}
</main>
