<!-- The clock of the session, its sound, and its end. -->
<script lang="ts">
  import { clockOf, type AdaptationKind } from '$core';
  import Flag from '@lucide/svelte/icons/flag';
  import Volume from '@lucide/svelte/icons/volume-2';
  import Mute from '@lucide/svelte/icons/volume-x';
  import { untrack } from 'svelte';
  import { CHANGE_WORDS } from './adapt-words';
  import type { StageSession } from './stage.svelte';

  type Props = {
    session: StageSession;
    muted: boolean;
    rehearsal: number | null;
    /** The screen may go dark: the browser lets it not be kept on. */
    dims: boolean;
    onadapt: (what: AdaptationKind) => void;
    onmute: () => void;
    onleave: () => void;
  };
  const { session, muted, rehearsal, dims, onadapt, onmute, onleave }: Props = $props();

  /** Less than this over the slot is no reason to press anybody. */
  const SMALL_SECONDS = 15;
  const isOver = $derived(session.spare < -SMALL_SECONDS);
  /** What shortening would save: worked out anew at each cue, not at each frame. */
  const saves = $derived.by(() => {
    void session.cue?.id;
    return isOver ? untrack(() => session.savedByShortening()) : 0;
  });

  const slot = $derived.by(() => {
    const spare = Math.round(session.spare);
    if (spare < 0) return `${clockOf(-spare)} over the slot`;
    return spare === 0 ? 'just on time' : `${clockOf(spare)} to spare`;
  });
</script>

<header>
  <p class="tabular">
    <span class="font-heading font-extrabold" data-remaining>{clockOf(session.remaining)}</span>
    to go<span class="slot">, {slot}</span>
    {#if saves >= 1}
      <button type="button" class="ml-3 btn-lamp min-h-12!" onclick={() => onadapt('shorten')}>
        {CHANGE_WORDS.shorten.label} by {clockOf(saves)}
      </button>
    {/if}
    {#if rehearsal}<b class="ml-3 text-pencil">Rehearsal ×{rehearsal}</b>{/if}
    {#if dims}<b class="ml-3 text-pencil" data-dims>This screen may go dark</b>{/if}
  </p>
  <p class="flex flex-none whitespace-nowrap">
    <button
      type="button"
      class="btn-quiet min-h-12!"
      aria-label={muted ? 'Silent' : 'Sound'}
      aria-pressed={muted}
      onclick={onmute}
    >
      {#if muted}<Mute size={28} aria-hidden="true" />{:else}<Volume
          size={28}
          aria-hidden="true"
        />{/if}
      <span class="word">{muted ? 'Silent' : 'Sound'}</span>
    </button>
    <button type="button" class="btn-quiet min-h-12!" aria-label="End here" onclick={onleave}>
      <Flag size={26} aria-hidden="true" /><span class="word">End here</span>
    </button>
  </p>
</header>

<style>
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.5rem 1.5rem;
    font-size: 1.5rem;
    line-height: 1.2;
  }
  [data-remaining] {
    font-size: 2.25rem;
  }
  @media (max-width: 40rem) {
    .word {
      display: none;
    }
    [data-remaining] {
      font-size: 1.75rem;
    }
  }
  @media (max-height: 30rem) {
    .word {
      display: none;
    }
  }
</style>
