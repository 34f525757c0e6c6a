<!-- Ideas that are thought of when asked for; one touch takes one. -->
<script lang="ts" generics="Proposal extends { key: string; text: string; title: string }">
  import Lightbulb from '@lucide/svelte/icons/lightbulb';
  import { tip } from '$lib/ui/parts/tip';

  type Props = {
    /** What the ideas are for: another subject, and they are forgotten. */
    subject: unknown;
    label: string;
    ask: string;
    none: string;
    think: () => Promise<readonly Proposal[]>;
    ontake: (taken: Proposal) => void;
  };
  const { subject, label, ask, none, think, ontake }: Props = $props();

  let asking = $state<HTMLButtonElement>();
  let asked = $state.raw<{ subject: unknown } | null>(null);
  const thinking = $derived(asked?.subject === subject ? think() : null);
</script>

<span class="inline-flex flex-wrap items-baseline gap-x-2" role="group" aria-label={label}>
  <button
    bind:this={asking}
    type="button"
    class="inline-flex min-h-6 items-baseline gap-1 underline"
    aria-expanded={thinking !== null}
    onclick={() => (asked = thinking ? null : { subject })}
  >
    <Lightbulb size={16} class="self-center" aria-hidden="true" />{ask}
  </button>
  {#await thinking then proposals}
    {#each proposals ?? [] as proposal (proposal.key)}
      <button
        type="button"
        class="inline-word font-heading text-ink"
        {@attach tip(proposal.title)}
        onclick={() => {
          // The keyboard stays in the beat when the ideas go.
          asking?.focus();
          asked = null;
          ontake(proposal);
        }}>{proposal.text}</button
      >
    {/each}
    {#if proposals?.length === 0}<span>{none}</span>{/if}
  {:catch}
    <span role="alert">That didn’t work. Try again.</span>
  {/await}
</span>
