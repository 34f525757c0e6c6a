<!-- Names for a move in this story, thought of when asked for; one touch takes one. -->
<script lang="ts">
  import { SOUND_WORDS, type GuiseProposal, type Move } from '$core';
  import Lightbulb from '@lucide/svelte/icons/lightbulb';
  import type { Ideas } from './editor';

  type Props = {
    move: Move;
    ideas: Ideas;
    ontake: (taken: { name: string; picture: string; sound: string }) => void;
  };
  const { move, ideas, ontake }: Props = $props();

  const REASONS: Readonly<Record<GuiseProposal['reason'], string>> = {
    rhyme: 'It rhymes',
    'same sound': 'Both begin with the same sound',
    story: 'A word of your story',
    picture: 'What the move looks like',
  };
  let asking = $state<HTMLButtonElement>();
  let asked = $state.raw<Move | null>(null);
  const thinking = $derived(asked === move ? ideas(move) : null);
</script>

<span class="inline-flex flex-wrap items-baseline gap-x-2" role="group" aria-label="Name ideas">
  <button
    bind:this={asking}
    type="button"
    class="inline-flex min-h-6 items-baseline gap-1 underline"
    aria-expanded={thinking !== null}
    onclick={() => (asked = asked === move ? null : move)}
  >
    <Lightbulb size={16} class="self-center" aria-hidden="true" />name ideas
  </button>
  {#await thinking then proposals}
    {#each proposals ?? [] as { name, picture, sound, reason } (name)}
      <button
        type="button"
        class="inline-word font-heading text-ink"
        title={REASONS[reason]}
        onclick={() => {
          // The keyboard stays in the beat when the ideas go.
          asking?.focus();
          asked = null;
          ontake({ name, picture, sound: (sound && SOUND_WORDS[sound]?.[0]) ?? '' });
        }}>{name}</button
      >
    {/each}
    {#if proposals?.length === 0}
      <span>Nothing comes to mind. Give the story some words of its own, above.</span>
    {/if}
  {:catch}
    <span role="alert">That did not work. Try again.</span>
  {/await}
</span>
