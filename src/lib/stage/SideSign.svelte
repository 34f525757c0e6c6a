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
    <span class="say">say “{say}”</span>
    {#if move !== say}<span class="own">you move your {move}</span>{/if}
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
    flex: none;
    height: clamp(3rem, 6vw, 6rem);
  }
  .say,
  .own {
    display: block;
    line-height: 1.05;
    white-space: nowrap;
  }
  .say {
    font-family: var(--font-heading);
    font-weight: 800;
    font-size: clamp(1.75rem, 4vw, 3.75rem);
  }
  .own {
    font-size: clamp(1.25rem, 2.2vw, 1.875rem);
  }
</style>
