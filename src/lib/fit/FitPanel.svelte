<!-- "Fit it to 12 minutes": what would change, before it is changed. -->
<script lang="ts">
  import { beatInWords, beatLabel, lengthInWords, type FitResult, type FitTarget } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { Desk } from '$lib/desk/desk.svelte';
  import { preferences } from '$lib/store/preferences.svelte';
  import { askToFit, FitCancelled, startFitWorker } from './fit-client';

  const { desk }: { desk: Desk } = $props();

  let unit = $state<'minutes' | 'moves'>('minutes');
  let wanted = $state<number | null>(null);
  let working = $state.raw<(() => void) | null>(null);
  let result = $state.raw<FitResult | null>(null);
  let madeFor = $state.raw<object | null>(null);
  let trouble = $state('');

  const slotMinutes = $derived(Math.round((desk.adventure.setting.slotSeconds / 60) * 10) / 10);
  const amount = $derived(wanted ?? (unit === 'minutes' ? slotMinutes : 100));
  /** A proposal is for the script as it was: once the script moves on, it is gone. */
  const proposal = $derived(madeFor === desk.adventure ? result : null);
  const says = (value: number) =>
    unit === 'minutes' ? lengthInWords(value) : `${Math.round(value)} counted moves`;

  async function propose() {
    const target: FitTarget =
      unit === 'minutes' ? { seconds: Math.round(amount * 60) } : { reps: Math.round(amount) };
    const { adventure } = desk;
    trouble = '';
    result = null;
    const asked = askToFit(
      { adventure, setting: adventure.setting, pace: preferences.pace, target },
      startFitWorker,
    );
    working = asked.cancel;
    try {
      result = await asked.result;
      madeFor = adventure;
    } catch (reason) {
      if (!(reason instanceof FitCancelled)) trouble = `That did not work: ${reason}`;
    } finally {
      working = null;
    }
  }
  function take() {
    if (!proposal) return;
    const { adventure } = proposal;
    desk.edit(() => adventure);
  }
</script>

<p class="leading-9">
  Fit it to
  <InlineNumber
    value={amount}
    label="What it is to come to"
    min={1}
    max={unit === 'minutes' ? 120 : 2000}
    onchange={(value) => (wanted = value)}
  />
  <InlineChoice
    value={unit}
    label="Minutes or counted moves"
    choices={[
      ['minutes', 'minutes'],
      ['moves', 'counted moves, sides counted twice'],
    ] as const}
    onchange={(value) => {
      unit = value;
      wanted = null;
    }}
  />
  {#if working}
    <span role="status">Looking for the nearest way…</span>
    <button type="button" class="min-h-6 underline" onclick={() => working?.()}>call it off</button>
  {:else}
    <button type="button" class="ml-2 btn-quiet border border-line" onclick={propose}
      >Show how</button
    >
  {/if}
</p>
{#if trouble}<p class="text-pencil" role="alert">{trouble}</p>{/if}
{#if proposal}
  <div data-fit={proposal.met ? 'met' : 'not met'}>
    {#if proposal.changes.length === 0}
      <p>
        {proposal.met
          ? 'It is there already.'
          : `Nothing can be changed towards ${says(proposal.target)}: the script asks for ${says(proposal.before)}.`}
      </p>
    {:else}
      <p>
        From {says(proposal.before)} to <b>{says(proposal.after)}</b>{proposal.met
          ? '.'
          : `: the nearest to ${says(proposal.target)}. With usual doses these beats come to ${says(proposal.least)} at the least and ${says(proposal.most)} at the most; take a beat out, or put one in.`}
      </p>
      <ul class="my-2">
        {#each proposal.changes as { beatId, before, after } (beatId)}
          <li class="border-t border-line py-1.5">
            <b>{beatLabel(before, desk.book)}</b>: {beatInWords(before)}
            <span aria-label="becomes">→</span>
            {beatInWords(after)}
          </li>
        {/each}
      </ul>
      <button type="button" class="btn-lamp" onclick={take}>Take it so</button>
      <button type="button" class="btn-quiet" onclick={() => (result = null)}
        >Leave it as it is</button
      >
    {/if}
  </div>
{/if}
