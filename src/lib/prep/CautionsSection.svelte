<!-- What can hurt in this adventure and this room, what matters most first. -->
<script lang="ts">
  import { cautionsOf, DEFERRING_LINE, type Adventure } from '$core';

  const { adventure }: { adventure: Adventure } = $props();
  const cautions = $derived(cautionsOf(adventure));
</script>

<section aria-labelledby="cautions-title">
  <h2 id="cautions-title" class="text-xl">Look out for</h2>
  <ol class="mt-2">
    {#each cautions as { text, moves } (text)}
      <li class="border-t border-line py-2">
        <b class="font-semibold">{text}</b>
        {#if moves.length > 0}<span class="text-soft">{moves.join(', ')}</span>{/if}
      </li>
    {/each}
  </ol>
  <p class="mt-1 text-soft">{DEFERRING_LINE}</p>
</section>
