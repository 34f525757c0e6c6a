<!-- Things to say while they move: sounds, and counts in the story's own things. -->
<script lang="ts">
  import type { Dose, Guise, Move, SayingIdea } from '$core';
  import type { Ideas } from './editor-props';
  import ProposalList from './ProposalList.svelte';

  type Props = {
    part: Readonly<{ guise: Guise; dose?: Dose }>;
    move: Move;
    ideas: Ideas;
    ontake: (text: string) => void;
  };
  const { part, move, ideas, ontake }: Props = $props();

  const REASONS: Readonly<Record<SayingIdea['reason'], string>> = {
    sound: 'A sound to make',
    count: 'Counted in your story’s things',
  };
  const think = async () =>
    (await ideas.sayings(part, move)).map(({ text, reason }) => ({
      key: text,
      text,
      title: REASONS[reason],
    }));
</script>

<ProposalList
  subject={part}
  label="Sounds and counts"
  ask="a sound, a count"
  none="Nothing comes to mind. Give the story some things of its own, under Story."
  {think}
  ontake={({ text }) => ontake(text)}
/>
