<!-- "Fit it to 12 minutes", "make it gentler": what would change, before it is changed. -->
<script lang="ts">
  import { beatInWords, beatLabel, type FitResult } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { Desk } from '$lib/desk/desk.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { Cancelled } from '$lib/workers/ask-worker';
  import { askToFit } from './ask-to-fit';
  import { outcomeInWords, swapsBetween, targetOf, WISHES, type Wish } from './wishes';
  import ShareDone from '$lib/ui/parts/ShareDone.svelte';

  const { desk }: { desk: Desk } = $props();

  let wish = $state<Wish>('minutes');
  let wanted = $state<number | null>(null);
  let working = $state.raw<(() => void) | null>(null);
  let share = $state(0);
  let result = $state.raw<FitResult | null>(null);
  let madeFor = $state.raw<object | null>(null);
  let trouble = $state('');

  const slotMinutes = $derived(Math.round((desk.adventure.setting.slotSeconds / 60) * 10) / 10);
  const amount = $derived(wanted ?? (wish === 'minutes' ? slotMinutes : 100));
  /** A proposal is for the script as it was: once the script moves on, it is gone. */
  const proposal = $derived(madeFor === desk.adventure ? result : null);

  async function propose() {
    const { adventure } = desk;
    trouble = '';
    result = null;
    share = 0;
    const asked = askToFit(
      {
        adventure,
        setting: adventure.setting,
        pace: preferences.pace,
        target: targetOf(wish, amount),
      },
      (now) => (share = now),
    );
    working = asked.cancel;
    try {
      result = await asked.result;
      madeFor = adventure;
    } catch (reason) {
      if (!(reason instanceof Cancelled)) trouble = `That didn’t work: ${reason}`;
    } finally {
      working = null;
    }
  }
  function take() {
    if (!proposal) return;
    const { adventure } = proposal;
    desk.keepVersion('before a fit');
    desk.edit(() => adventure);
  }
</script>

<p class="leading-9">
  Make it fit
  <InlineChoice
    value={wish}
    label="What to fit it to"
    choices={WISHES}
    onchange={(value) => {
      wish = value;
      wanted = null;
      result = null;
    }}
  />
  {#if wish === 'minutes' || wish === 'moves'}
    of
    <InlineNumber
      value={amount}
      label="How much it should be"
      min={1}
      max={wish === 'minutes' ? 120 : 2000}
      onchange={(value) => (wanted = value)}
    />
    {wish === 'minutes' ? 'minutes' : 'moves (each side counts)'}
  {/if}
  {#if working}
    <ShareDone label="Looking for the nearest way" {share} />
    <button type="button" class="min-h-6 underline" onclick={() => working?.()}>stop</button>
  {:else}
    <button type="button" class="ml-2 btn-quiet border border-line" onclick={propose}
      >Show how</button
    >
  {/if}
</p>
{#if trouble}<p class="text-pencil" role="alert">{trouble}</p>{/if}
{#if proposal}
  <div data-fit={proposal.met ? 'met' : 'not met'}>
    <p role="status">{outcomeInWords(proposal)}</p>
    {#if proposal.changes.length > 0}
      <ul class="my-2">
        {#each proposal.changes as { beatId, before, after } (beatId)}
          <li class="border-t border-line py-1.5">
            <b>{beatLabel(before, desk.book)}</b>: {beatInWords(before)}
            <span aria-label="becomes">→</span>
            {#if after}
              {beatInWords(after)}{#each swapsBetween(before, after, desk.book) as swap (swap)}, {swap}{/each}
            {:else}
              left out
            {/if}
          </li>
        {/each}
      </ul>
      <button type="button" class="btn-lamp" onclick={take}>Use this</button>
      <button type="button" class="btn-quiet" onclick={() => (result = null)}>Keep mine</button>
    {/if}
  </div>
{/if}
