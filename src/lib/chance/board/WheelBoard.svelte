<!-- The wheel where it is worked on: a touch on a sector asks which move is to be on it. -->
<script lang="ts">
  import Wheel from '../Wheel.svelte';
  import type { BoardProps } from './board-props';

  const { beat, names, moves, onask }: BoardProps = $props();
</script>

<Wheel
  entries={beat.entries}
  {names}
  {moves}
  pixels={250}
  onpick={(entryId) => onask({ entryId })}
/>
