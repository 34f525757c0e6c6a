<!-- One rule of a draw: the question, the answer where it can be changed, and what that does to a session. -->
<script lang="ts">
  import type { Snippet } from 'svelte';

  type Props = { asks: string; does?: string; children: Snippet };
  const { asks, does = '', children }: Props = $props();
  const uid = $props.id();
</script>

<div class="rule" role="group" aria-labelledby="{uid}-asks">
  <span class="font-semibold text-ink" id="{uid}-asks">{asks}</span>
  <div>
    <span class="leading-7">{@render children()}</span>
    {#if does}<span class="block text-sm leading-snug">{does}</span>{/if}
  </div>
</div>

<style>
  .rule {
    display: grid;
    grid-template-columns: minmax(0, 11rem) minmax(0, 1fr);
    gap: 0 1rem;
    padding-block: 0.15rem;
    align-items: baseline;
  }
  @container beat (max-width: 30rem) {
    .rule {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
