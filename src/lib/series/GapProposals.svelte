<!-- Three proposals for a session, each with its reasons; worked out in a worker. -->
<script lang="ts">
  import { isGap, reasonInWords, titleOf, type Proposal, type Session } from '$core';
  import { format } from 'date-fns';
  import { onDestroy } from 'svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import { Cancelled } from '$lib/workers/ask-worker';
  import { askSeries } from './ask-series';
  import type { SeriesWork } from './series-work.svelte';

  const { work, session }: { work: SeriesWork; session: Session } = $props();

  let proposals = $state.raw<readonly Proposal[] | null>(null);
  let trouble = $state('');
  let cancel = () => {};
  onDestroy(() => cancel());

  const KIND: Readonly<Record<Proposal['candidate']['kind'], string>> = {
    shelf: 'from your shelf',
    start: 'a ready-made session',
    'other moves': 'the same story, other moves',
  };

  /** Without what stands there now: another one is wanted. */
  async function ask() {
    const { series, covered } = {
      series: {
        ...work.series,
        sessions: work.series.sessions.map((one) =>
          one.id === session.id ? { ...one, adventureId: null, kept: null } : one,
        ),
      },
      covered: work.row.covered.map((one) =>
        one.id === session.id ? { ...one, planned: null } : one,
      ),
    };
    const onShelf = shelf.records
      .filter(({ id }) => id !== session.adventureId)
      .map(({ document, lastLedAt }) => ({
        adventure: document,
        lastDay: lastLedAt ? format(lastLedAt, 'yyyy-MM-dd') : null,
      }));
    const asked = askSeries({
      as: 'next',
      question: { series, covered, sessionId: session.id },
      shelf: onShelf,
      pace: preferences.pace,
    });
    cancel = asked.cancel;
    try {
      ({ proposals } = await asked.result);
    } catch (reason) {
      if (reason instanceof Cancelled) return;
      trouble = 'They couldn’t be worked out. Close this and open it again.';
    }
  }
  // svelte-ignore state_referenced_locally
  let wanted = $state(isGap(session));
  $effect(() => {
    if (wanted) void ask();
  });
</script>

{#if wanted}
  <h3 class="text-lg">What about one of these?</h3>
  {#if trouble}
    <p class="text-pencil" role="alert">{trouble}</p>
  {:else if proposals === null}
    <p class="min-h-32 text-soft" role="status">Looking through your shelf and the row…</p>
  {:else if proposals.length === 0}
    <p>There’s nothing on your shelf yet that could go here.</p>
  {:else}
    <ol class="mt-2 mb-5 grid gap-x-6 gap-y-4 sm:grid-cols-3" data-proposals>
      {#each proposals as proposal, n (proposal.candidate.id)}
        {@const { candidate, reasons } = proposal}
        <li class="flex flex-col gap-1 border-t-2 border-line pt-2">
          <p class="text-soft">{KIND[candidate.kind]}</p>
          <p class="font-heading text-lg font-bold break-words">{titleOf(candidate.adventure)}</p>
          <ul class="grow list-disc pl-5">
            {#each reasons as reason, k (k)}<li>{reasonInWords(reason)}</li>{/each}
          </ul>
          <button
            type="button"
            class={n === 0 ? 'btn-lamp self-start' : 'btn-quiet self-start border border-line'}
            aria-label="Take {titleOf(candidate.adventure)}, {KIND[candidate.kind]}"
            onclick={() => void work.take(proposal, session.id)}>Take this one</button
          >
        </li>
      {/each}
    </ol>
  {/if}
{:else}
  <p class="mb-3">
    <button type="button" class="btn-quiet border border-line" onclick={() => (wanted = true)}
      >Propose something else</button
    >
  </p>
{/if}
