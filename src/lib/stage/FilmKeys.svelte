<!-- The keys of a take: begin it, end it, and say what is thought of it. -->
<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import Circle from '@lucide/svelte/icons/circle';
  import RotateCcw from '@lucide/svelte/icons/rotate-ccw';
  import Square from '@lucide/svelte/icons/square';
  import type { FilmSession } from './film.svelte';

  const { session }: { session: FilmSession } = $props();
</script>

<div class="keys">
  {#if session.made}
    <button type="button" class="good" onclick={() => session.mark('good')}>
      <Check size={30} aria-hidden="true" />Good, next beat
    </button>
    <button type="button" onclick={() => session.mark('again')}>
      <RotateCcw size={28} aria-hidden="true" />Again
    </button>
  {:else}
    <button
      type="button"
      class={[!session.isRolling && 'good', session.isRolling && 'rolling']}
      onclick={() => session.press()}
    >
      {#if session.isRolling}
        <Square size={28} fill="currentColor" aria-hidden="true" />End the take
      {:else}
        <Circle size={28} fill="currentColor" aria-hidden="true" />Three, two, one
      {/if}
    </button>
  {/if}
</div>

<style>
  .keys {
    display: flex;
    gap: 0.75rem;
    margin-top: 0.5rem;
  }
  .keys button {
    display: flex;
    flex: 1 1 0;
    align-items: center;
    justify-content: center;
    gap: 0.75rem;
    min-height: 4.5rem;
    border: 2px solid var(--ink);
    border-radius: 1rem;
    font-size: 1.6rem;
    font-weight: 700;
  }
  .good {
    background: var(--lamp);
    color: var(--on-lamp);
  }
  .rolling {
    background: var(--ink);
    color: var(--page);
  }
</style>
