<!-- Picture words and moves for a letter of a strip, by its sound. -->
<script lang="ts">
  import type { Draw, Entry, LetterIdea } from '$core';
  import type { Ideas } from '../editor-props';
  import ProposalList from '../ProposalList.svelte';

  type Props = {
    beat: Draw;
    entry: Entry;
    ideas: Ideas;
    ontake: (idea: LetterIdea) => void;
  };
  const { beat, entry, ideas, ontake }: Props = $props();

  const think = async () =>
    (await ideas.letter(beat, entry)).map((idea) => ({
      idea,
      key: `${idea.picture} ${idea.move.id}`,
      text: `${idea.picture}: ${idea.move.name}`,
      title: idea.sounds
        ? `It has the sound of ${entry.label}`
        : 'Its sound isn’t in the dictionary',
    }));
</script>

<ProposalList
  subject={`${entry.id}${entry.label}`}
  label="Ideas for {entry.label}"
  ask="ideas for {entry.label}"
  none="No move looks like anything with that letter. Write a picture word of your own."
  {think}
  ontake={({ idea }) => ontake(idea)}
/>
