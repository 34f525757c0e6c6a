<!-- Only what is for the children, over the whole screen, with small keys for whoever stands beside it. -->
<script lang="ts">
  import type { Adventure } from '$core';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import Flag from '@lucide/svelte/icons/flag';
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import ChildrenView from './ChildrenView.svelte';
  import type { Shown } from './companions';
  import type { StageSession } from './stage.svelte';

  type Props = { adventure: Adventure; session: StageSession; shown: Shown };
  const { adventure, session, shown }: Props = $props();

  const running = $derived(session.status === 'running');
</script>

<main id="main" tabindex="-1" class="follow" data-shown={shown.kind}>
  <ChildrenView {adventure} {shown} elapsed={() => shown.elapsed} />
  <p class="keys">
    <button type="button" class="btn-quiet" aria-label="Back" onclick={() => session.back()}>
      <ArrowLeft size={24} aria-hidden="true" />
    </button>
    <button type="button" class="btn-quiet" onclick={() => session.goOrPause()}>
      {#if running}<Pause size={24} aria-hidden="true" />Pause{:else}<Play
          size={24}
          aria-hidden="true"
        />Go on{/if}
    </button>
    <button type="button" class="btn-quiet" aria-label="Next" onclick={() => session.tapOrNext()}>
      <ArrowRight size={24} aria-hidden="true" />
    </button>
    <button type="button" class="btn-quiet" onclick={() => session.finish()}>
      <Flag size={22} aria-hidden="true" />End here
    </button>
  </p>
</main>

<style>
  .follow {
    display: flex;
    flex-direction: column;
    justify-content: center;
    gap: 1.5vh;
    height: 100dvh;
    padding: 2vh 3vw 0.5rem;
    overflow: hidden;
  }
  .keys {
    display: flex;
    flex: none;
    justify-content: center;
    gap: 0.5rem;
    color: var(--soft);
  }
</style>
