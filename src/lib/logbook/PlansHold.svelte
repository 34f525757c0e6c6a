<!-- How well plans hold: the last sessions' real lengths against what was planned. -->
<script lang="ts">
  import { clockOf, counted, howPlansHold, type Run } from '$core';
  import { resolve } from '$app/paths';
  import { format } from 'date-fns';
  import { tip } from '$lib/ui/parts/tip';

  const { runs }: { runs: readonly Run[] } = $props();

  const held = $derived(howPlansHold(runs));
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  /** The widest of the bars, so that they can be compared. */
  const most = $derived(
    Math.max(1, ...(held?.sessions ?? []).flatMap((one) => [one.plannedSeconds, one.realSeconds])),
  );
</script>

{#if held}
  <section class="mb-8" aria-labelledby="hold-title" data-plans-hold>
    <h2 id="hold-title" class="text-2xl">How well your plans hold</h2>
    <p class="mt-1 text-lg">
      {#if held.sessions.length === 1}
        The last session was {percent(held.typicalError)} off its plan.
      {:else}
        Of the last {counted(held.sessions.length, 'session', 'sessions')}, {held.close} ended within
        a tenth of the plan. Typically they were {percent(held.typicalError)} off.
        {#if held.told > 1}
          {held.inRange} of {held.told} were within what to expect said: eight in ten should be.
        {/if}
      {/if}
    </p>
    <ul class="mt-3 max-w-3xl">
      {#each held.sessions as one (one.id)}
        <li class="grid grid-cols-[5.5rem_minmax(0,1fr)_6.5rem] items-center gap-3 py-1">
          <a
            class="tabular"
            href={resolve('/logbook/[id]', { id: one.id })}
            {@attach tip(one.title)}>{format(one.startedAt, 'd MMM')}</a
          >
          <span class="relative block h-4 rounded-sm bg-sunk" aria-hidden="true">
            <span
              class="absolute inset-y-0 left-0 rounded-sm bg-water"
              style:width="{(one.realSeconds / most) * 100}%"
            ></span>
            <span
              class="absolute -inset-y-0.5 w-1 bg-lamp"
              style:left="calc({(one.plannedSeconds / most) * 100}% - 0.25rem)"
            ></span>
          </span>
          <span class="text-right text-soft tabular"
            >{clockOf(one.realSeconds)} of {clockOf(one.plannedSeconds)}</span
          >
        </li>
      {/each}
    </ul>
    <p class="mt-1 text-sm text-soft">The bar is how long it was, the mark what was planned.</p>
  </section>
{/if}
