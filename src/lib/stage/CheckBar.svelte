<!-- What the answer to a question about their bodies may ask for. -->
<script lang="ts">
  import type { AdaptationKind } from '$core';
  import { CHANGE_WORDS } from './adapt-words';
  import KeyHint from './KeyHint.svelte';

  type Props = { onadapt: (what: AdaptationKind) => void };
  const { onadapt }: Props = $props();

  const ANSWERS = ['drink', 'rest', 'gentler'] as const;
</script>

<div class="bar" role="group" aria-label="What they need" data-check>
  {#each ANSWERS as what (what)}
    <button type="button" onclick={() => onadapt(what)}
      >{CHANGE_WORDS[what].label}<KeyHint key={CHANGE_WORDS[what].key} /></button
    >
  {/each}
</div>

<style>
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
  }
  button {
    display: flex;
    align-items: center;
    gap: 0.6rem;
    min-height: 4rem;
    padding: 0 1.25rem;
    border: 3px solid var(--ink);
    border-radius: 1rem;
    background: var(--raised);
    font-size: 1.6rem;
    font-weight: 750;
  }
  @media (max-width: 640px) {
    button {
      min-height: 3rem;
      padding: 0 0.7rem;
      font-size: 1.5rem;
    }
  }
</style>
