<!-- Where we are of how many: filled, now, to come. Shape says it, not colour alone. -->
<script lang="ts">
  type Props = { word: string; n: number; of: number };
  const { word, n, of }: Props = $props();
  const MOST = 10;
</script>

<p class="flex items-center gap-3 text-2xl">
  <span class="font-semibold">{word} {n} of {of}</span>
  {#if of <= MOST}
    <span class="flex gap-1.5" aria-hidden="true">
      {#each { length: of }, index (index)}
        <span class={['pip', index < n - 1 && 'past', index === n - 1 && 'now']}></span>
      {/each}
    </span>
  {/if}
</p>

<style>
  .pip {
    width: 1.25rem;
    height: 1.25rem;
    border-radius: 50%;
    border: 3px solid var(--ink);
  }
  .past {
    background: var(--ink);
  }
  .now {
    background: var(--lamp);
    transform: scale(1.25);
    border-radius: 30%;
  }
</style>
