<!-- What can be changed with the children there: big enough for an elbow, each with its key and what it does. -->
<script lang="ts">
  import type { AdaptationKind, Change } from '$core';
  import { CHANGE_WORDS, SKIP_WORDS } from './adapt-words';
  import KeyHint from './KeyHint.svelte';
  import { longerInWords } from './longer-in-words';

  type Props = {
    changes: readonly Change[];
    onchange: (what: AdaptationKind) => void;
    onskip: () => void;
    onclose: () => void;
  };
  const { changes, onchange, onskip, onclose }: Props = $props();
  const effect = ({ form, seconds }: Change) =>
    [form?.name, longerInWords(seconds)].filter(Boolean).join(', ');
</script>

<div class="panel" role="group" aria-label="Change it">
  {#each changes as change (change.what)}
    {@const { label, key } = CHANGE_WORDS[change.what]}
    <button type="button" onclick={() => onchange(change.what)}>
      <span>{label}<small>{effect(change)}</small></span><KeyHint {key} />
    </button>
  {/each}
  <button type="button" onclick={onskip}
    ><span>{SKIP_WORDS.label}</span><KeyHint key={SKIP_WORDS.key} /></button
  >
  <button type="button" class="close" onclick={onclose}>As it is</button>
</div>

<style>
  .panel {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    gap: 0.5rem;
    max-height: 38dvh;
    overflow-y: auto;
    margin-bottom: 0.5rem;
    padding: 0.6rem;
    border: 3px solid var(--ink);
    border-radius: 1.25rem;
    background: var(--raised);
  }
  button {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.5rem;
    min-height: 4rem;
    padding: 0.25rem 0.75rem;
    border: 2px solid var(--ink);
    border-radius: 0.9rem;
    background: var(--page);
    color: var(--ink);
    font-size: 1.5rem;
    font-weight: 700;
    line-height: 1.05;
    text-align: left;
  }
  small {
    display: block;
    font-size: 1.5rem;
    font-weight: 450;
  }
  small:empty {
    display: none;
  }
  button:hover {
    background: var(--raised);
  }
  .close {
    justify-content: center;
    border-style: dashed;
    font-weight: 500;
  }
  @media (max-width: 40rem) {
    .panel {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
