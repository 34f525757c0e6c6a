<!-- The wheel where it is worked on: a touch on a sector goes to its line. -->
<script lang="ts">
  import Wheel from '../Wheel.svelte';
  import type { BoardProps } from './board-props';

  const { beat, names, moves, onpick }: BoardProps = $props();
</script>

<Wheel entries={beat.entries} {names} {moves} pixels={250} {onpick} />
