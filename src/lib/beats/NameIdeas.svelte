<!-- Names for a move in this story. -->
<script lang="ts">
  import { SOUND_WORDS, type GuiseProposal, type Move } from '$core';
  import type { Ideas } from './editor-props';
  import ProposalList from './ProposalList.svelte';

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
    creature: 'It goes like that',
    picture: 'What the move looks like',
  };
  const think = async () =>
    (await ideas.names(move)).map((one) => ({
      ...one,
      key: one.name,
      text: one.name,
      title: REASONS[one.reason],
    }));
</script>

<ProposalList
  subject={move}
  label="Name ideas"
  ask="name ideas"
  none="Nothing comes to mind. Give the story some words of its own, above."
  {think}
  ontake={({ name, picture, sound }) =>
    ontake({ name, picture, sound: (sound && SOUND_WORDS[sound]?.[0]) ?? '' })}
/>
