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
  let asked = $state.raw<Move | null>(null);
  const thinking = $derived(asked === move ? ideas(move) : null);
</script>

{#if thinking}
  {#await thinking}
    <span role="status">Thinking…</span>
  {:then proposals}
    <span class="inline-flex flex-wrap items-baseline gap-x-1" role="group" aria-label="Name ideas">
      {#each proposals as { name, picture, sound, reason } (name)}
        <button
          type="button"
          class="inline-word font-heading text-ink"
          title={REASONS[reason]}
          onclick={() => {
            asked = null;
            ontake({ name, picture, sound: (sound && SOUND_WORDS[sound]?.[0]) ?? '' });
          }}>{name}</button
        >
      {:else}
        Nothing comes to mind. Give the story some words of its own, above.
      {/each}
    </span>
  {:catch}
    <span role="alert">That did not work. Try again.</span>
  {/await}
{:else}
  <button
    type="button"
    class="inline-flex min-h-6 items-baseline gap-1 underline"
    onclick={() => (asked = move)}
  >
    <Lightbulb size={16} class="self-center" aria-hidden="true" />name ideas
  </button>
{/if}
