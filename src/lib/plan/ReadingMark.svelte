<!-- What kind of thing a line is: the picture of its move, or a small sign. -->
<script lang="ts">
  import type { Reading } from '$core';
  import Dices from '@lucide/svelte/icons/dices';
  import GlassWater from '@lucide/svelte/icons/glass-water';
  import MessageCircle from '@lucide/svelte/icons/message-circle';
  import Repeat from '@lucide/svelte/icons/repeat';
  import MovePicture from '$lib/figures/MovePicture.svelte';

  const { reading: read, size = 28 }: { reading: Reading; size?: number } = $props();
  const reading = $derived(read.reading);
  const move = $derived(reading.kind === 'move' ? reading.actions[0]?.move : undefined);
</script>

<span class="shrink-0" aria-hidden="true">
  {#if move}<MovePicture {move} {size} />
  {:else if reading.kind === 'tell'}<MessageCircle size={18} />
  {:else if reading.kind === 'drink'}<GlassWater size={18} />
  {:else if reading.kind === 'draw'}<Dices size={18} />
  {:else}<Repeat size={18} />{/if}
</span>
