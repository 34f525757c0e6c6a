<!-- What a real die, card or wheel shows, in one tap: it takes the place of what was drawn. -->
<script lang="ts">
  import {
    shownNumbers,
    shownOutcomes,
    type DrawOnStage,
    type ResolvedDraw,
    type TypedOutcome,
  } from '$core';
  import EntryMark from '$lib/chance/EntryMark.svelte';
  import Face from '$lib/chance/Face.svelte';
  import { suitPicture } from '$lib/pictures/suit-pictures';

  type Props = {
    drawing: DrawOnStage;
    drawn: ResolvedDraw | null;
    typed: 'taken' | 'again' | null;
    /** It still falls: which one it is isn't told before it lies. */
    falling: boolean;
    ontype: (typed: TypedOutcome) => void;
  };
  const { drawing, drawn, typed, falling, ontype }: Props = $props();

  const beat = $derived(drawing.beat);
  const outcomes = $derived(shownOutcomes(beat));
  const numbers = $derived(shownNumbers(beat));
  const deck = $derived(beat.device.kind === 'deck');
  /** Of a deck the suit is tapped first, then the number. */
  let suit = $state<number | null>(null);
  const shown = $derived(
    !deck
      ? outcomes
      : outcomes.filter(({ entry }, n) =>
          suit === null ? outcomes.findIndex((one) => one.entry === entry) === n : entry === suit,
        ),
  );

  function pick(outcome: number, entry: number) {
    if (deck && suit === null) suit = entry;
    else {
      suit = null;
      ontype({ outcome, number: null });
    }
  }
  const FELL = 'bg-lamp text-on-lamp';
  const KEY =
    'flex min-h-14 min-w-14 items-center justify-center gap-2 rounded-xl border-2 border-ink px-3 text-2xl font-bold';
</script>

{#if outcomes.length > 0 || numbers.length > 0}
  <div
    class="typing flex flex-wrap items-center gap-2 text-2xl"
    role="group"
    aria-label="What yours shows"
  >
    <span class="font-semibold" role="status">
      {typed === 'again' ? 'The same again: throw once more' : 'Yours shows'}
    </span>
    {#each shown as { label, entry, outcome } (outcome)}
      <button
        type="button"
        class={[KEY, drawn?.outcome === outcome && [FELL, falling && 'late']]}
        aria-pressed={drawn?.outcome === outcome}
        onclick={() => pick(outcome, entry)}
      >
        {#if beat.device.kind === 'die'}
          <Face face={Number(label)} pixels={34} />
        {:else if deck && suit === null}
          {#if suitPicture(beat.entries[entry]!.label)}
            <EntryMark device={beat.device} entry={beat.entries[entry]!} index={entry} />
          {/if}
          {beat.entries[entry]!.label || entry + 1}
        {:else}
          {label}
        {/if}
      </button>
    {/each}
    {#if numbers.length > 0}
      <span class="ml-4 font-semibold">number</span>
      {#each numbers as number (number)}
        <button
          type="button"
          class={[KEY, drawn?.number === number && [FELL, falling && 'late']]}
          aria-pressed={drawn?.number === number}
          onclick={() => ontype({ outcome: null, number })}>{number}</button
        >
      {/each}
    {/if}
  </div>
{/if}

<style>
  /* Where there is little room it is one row, pushed along, so that what was drawn stays in sight. */
  @media (max-height: 30rem), (max-width: 640px) {
    .typing {
      flex-wrap: nowrap;
      overflow-x: auto;
    }
    .typing > * {
      flex: none;
      min-height: 3rem;
    }
  }
  .late {
    animation: told 200ms var(--falls) backwards;
  }
  @keyframes told {
    from {
      background: transparent;
      color: var(--ink);
    }
  }
</style>
