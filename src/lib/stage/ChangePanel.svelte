<!-- What can be changed with the children there: big enough for an elbow, each with its key. -->
<script lang="ts">
  import type { AdaptationKind } from '$core';
  import { CHANGE_WORDS, SKIP_WORDS } from './adapt-words';
  import KeyHint from './KeyHint.svelte';

  type Props = {
    changes: readonly AdaptationKind[];
    onchange: (what: AdaptationKind) => void;
    onskip: () => void;
    onclose: () => void;
  };
  const { changes, onchange, onskip, onclose }: Props = $props();
</script>

<div class="panel" role="group" aria-label="Change it">
  {#each changes as what (what)}
    {@const { label, key } = CHANGE_WORDS[what]}
    <button type="button" onclick={() => onchange(what)}>{label}<KeyHint {key} /></button>
  {/each}
  <button type="button" onclick={onskip}>{SKIP_WORDS.label}<KeyHint key={SKIP_WORDS.key} /></button>
  <button type="button" class="close" onclick={onclose}>As it is</button>
</div>

<style>
  .panel {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
    gap: 0.6rem;
    max-height: 45dvh;
    overflow-y: auto;
    margin-bottom: 0.5rem;
    padding: 0.75rem;
    border: 3px solid var(--ink);
    border-radius: 1.25rem;
    background: var(--raised);
  }
  button {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 0.6rem;
    min-height: 4rem;
    padding: 0 0.75rem;
    border: 2px solid var(--ink);
    border-radius: 0.9rem;
    background: var(--page);
    color: var(--ink);
    font-size: 1.4rem;
    font-weight: 700;
  }
  button:hover {
    background: var(--raised);
  }
  .close {
    border-style: dashed;
    font-weight: 500;
  }
  @media (max-width: 640px) {
    button {
      min-height: 3.25rem;
      font-size: 1.15rem;
    }
  }
</style>
