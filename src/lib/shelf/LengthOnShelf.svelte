<!-- How long it is, as everywhere; fetched when there is a row to tell it of, so that the first page stays small. -->
<script lang="ts">
  import type { Adventure, Pace } from '$core';

  type Props = { adventure: Adventure; pace: Pace };
  const { adventure, pace }: Props = $props();

  const told = import('./told');
</script>

{#await told}&nbsp;{:then { lengthInShort, lengthTold, toldLength }}
  {@const length = toldLength(adventure, adventure.setting, pace)}
  <span title={lengthTold(length)} data-length={lengthTold(length)}>{lengthInShort(length)}</span>
{/await}
