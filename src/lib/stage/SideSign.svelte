<!-- The word to say, and an arrow at the side that the leader moves: by place and shape. -->
<script lang="ts">
  import type { SideWords } from './cue-words';

  const { say, move }: SideWords = $props();
</script>

<div class={['sign', move]} data-side={say}>
  <svg viewBox="0 0 60 80" aria-hidden="true">
    <path
      d={move === 'left' ? 'M30 6L4 40l26 34V54h26V26H30z' : 'M30 6l26 34-26 34V54H4V26h26z'}
      fill="var(--lamp)"
      stroke="var(--ink)"
      stroke-width="4"
      stroke-linejoin="round"
    />
  </svg>
  <span>
    <span class="block font-heading text-6xl leading-none font-extrabold">say “{say}”</span>
    {#if move !== say}<span class="block text-3xl">you move your {move}</span>{/if}
  </span>
</div>

<style>
  .sign {
    display: flex;
    align-items: center;
    gap: 1.25rem;
  }
  .right {
    flex-direction: row-reverse;
    text-align: right;
    margin-left: auto;
  }
  svg {
    height: 6rem;
  }
</style>
