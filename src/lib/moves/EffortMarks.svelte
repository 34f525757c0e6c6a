<!-- Effort as a small ridge: five steps, as many filled as the level. -->
<script lang="ts">
  import { EFFORT_WORDS } from './words';
  import type { Effort } from '$core';

  const { effort }: { effort: Effort } = $props();
</script>

<span
  class="inline-flex items-end gap-0.5"
  role="img"
  aria-label="Effort {effort} of 5: {EFFORT_WORDS[effort]}"
>
  {#each [1, 2, 3, 4, 5] as level (level)}
    <span class={['step', level <= effort && 'on']} style:height="{level * 3 + 3}px"></span>
  {/each}
</span>

<style>
  .step {
    width: 6px;
    border: 1.5px solid var(--soft);
    border-radius: 2px 2px 0 0;
  }
  .on {
    background: var(--water);
    border-color: var(--water);
  }
</style>
