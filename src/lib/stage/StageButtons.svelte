<!-- The big keys at the foot of the Stage, for fingers and elbows. -->
<script lang="ts">
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal';
  import type { StageSession } from './stage.svelte';

  type Props = {
    session: StageSession;
    intoHold: boolean;
    changing: boolean;
    onchanging: (open: boolean) => void;
  };
  const { session, intoHold, changing, onchanging }: Props = $props();

  const running = $derived(session.status === 'running');
  const goes = $derived(
    session.status !== 'waiting' || session.tapped ? 'Go' : intoHold ? 'All in' : 'Go on',
  );
</script>

<div class="buttons">
  <button type="button" aria-label="Back" onclick={() => session.back()}>
    <ArrowLeft size={32} aria-hidden="true" /><span class="wide">Back</span>
  </button>
  <button
    type="button"
    class={['key', !running && 'bg-lamp text-on-lamp']}
    onclick={() => session.goOrPause()}
  >
    {#if running}
      <Pause class="wide" size={32} aria-hidden="true" />Pause
    {:else}
      <Play class="wide" size={32} aria-hidden="true" />{goes}
    {/if}
  </button>
  <button
    type="button"
    class={['key', running && 'bg-lamp text-on-lamp']}
    onclick={() => session.tapOrNext()}
  >
    {session.tapped ? 'Count' : 'Next'}<ArrowRight class="wide" size={32} aria-hidden="true" />
  </button>
  <button
    type="button"
    aria-expanded={changing}
    aria-label="Change it"
    onclick={() => onchanging(!changing)}
  >
    <SlidersHorizontal size={30} aria-hidden="true" /><span class="wide">Change</span>
  </button>
</div>

<style>
  .buttons {
    display: flex;
    gap: 0.75rem;
  }
  button {
    display: flex;
    flex: 1 1 0;
    align-items: center;
    justify-content: center;
    gap: 0.75rem;
    min-width: 0;
    min-height: 5rem;
    border: 2px solid var(--ink);
    border-radius: 1rem;
    font-size: 1.5rem;
    font-weight: 700;
  }
  @media (max-height: 30rem) {
    .buttons {
      gap: 0.4rem;
    }
    button {
      min-height: 3rem;
    }
  }
  @media (max-width: 40rem) {
    .buttons {
      gap: 0.5rem;
    }
    button {
      max-width: 4rem;
    }
    button.key {
      max-width: none;
    }
    .wide,
    button :global(.wide) {
      display: none;
    }
  }
</style>
