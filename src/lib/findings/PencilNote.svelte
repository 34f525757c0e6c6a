<!-- A colleague's note in the margin: what, a mend, and the right to leave it. -->
<script lang="ts">
  import { capital, setAside, type Finding } from '$core';
  import OctagonAlert from '@lucide/svelte/icons/octagon-alert';
  import Pencil from '@lucide/svelte/icons/pencil';
  import type { Desk } from '$lib/desk/desk.svelte';
  import { mendOf, noteOf, yoursOf } from './words';

  type Props = { desk: Desk; finding: Finding };
  const { desk, finding }: Props = $props();

  const MOST_REASON = 300;
  let leaving = $state(false);
  let asking = $state(false);
  let reason = $state('');

  const note = $derived(noteOf(finding));
  const mend = $derived(mendOf(finding));
  const yours = $derived(yoursOf(finding));
  const stop = $derived(finding.severity === 'stop');

  function leave() {
    desk.edit((now) => setAside(now, finding, reason.trim() || 'It’s meant that way.'));
    leaving = false;
    reason = '';
  }
  function keydown(event: KeyboardEvent) {
    event.stopPropagation();
    if (event.key === 'Enter') {
      event.preventDefault();
      leave();
    } else if (event.key === 'Escape') leaving = false;
  }
</script>

<div
  class={['note', stop && 'font-semibold']}
  data-rule={finding.rule}
  data-severity={finding.severity}
>
  {#if stop}
    <OctagonAlert size={18} class="mt-1 shrink-0" aria-hidden="true" />
  {:else}
    <Pencil size={16} class="mt-1 shrink-0" aria-hidden="true" />
  {/if}
  <div class="min-w-0">
    {#if finding.setAside !== null}
      <p class="text-soft">
        {note} <span class="italic">Left: {finding.setAside}</span>
        <button
          type="button"
          class="underline"
          onclick={() => desk.edit((now) => setAside(now, finding, null))}
        >
          look again
        </button>
      </p>
    {:else}
      <p>
        {stop ? 'Stop: ' : ''}{note}
        {#if yours}<span class="text-soft">{yours}</span>{/if}
      </p>
      {#if leaving}
        <!-- svelte-ignore a11y_autofocus -->
        <input
          class="inline-word w-full text-left"
          aria-label="Why it stays as it is"
          placeholder="Why? Enter keeps it"
          maxlength={MOST_REASON}
          autofocus
          bind:value={reason}
          onkeydown={keydown}
          onblur={() => (leaving = false)}
        />
      {:else}
        <p class="flex flex-wrap gap-x-4">
          {#if mend}
            <button type="button" class="do" onclick={() => desk.mend(finding)}>{mend}</button>
          {/if}
          <button type="button" class="text-soft underline" onclick={() => (leaving = true)}>
            leave it
          </button>
          <button
            type="button"
            class="text-soft underline"
            aria-expanded={asking}
            onclick={() => (asking = !asking)}>why?</button
          >
        </p>
        {#if asking}
          <p class="text-soft" data-why>
            {#await import('./why') then { WHY }}{WHY[finding.rule]}{/await}
            <span class="italic">({capital(finding.source)})</span>
          </p>
        {/if}
      {/if}
    {/if}
  </div>
</div>

<style>
  .note {
    display: flex;
    gap: 0.5rem;
    line-height: 1.35;
    color: var(--pencil);
    padding-block: 0.15rem;
  }
  button {
    min-height: 24px;
  }
  .do {
    font-weight: 650;
    color: var(--ink);
    text-decoration: underline;
    text-decoration-color: var(--lamp);
    text-decoration-thickness: 3px;
    text-underline-offset: 3px;
  }
</style>
