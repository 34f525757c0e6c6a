<!-- An arrow at the side that is used: place and shape, and for the leader the word. -->
<script lang="ts">
  import { ARROWS } from './outlines';

  type Props = { side: 'left' | 'right'; withWord: boolean };
  const { side, withWord }: Props = $props();
</script>

<span class="side" data-side={side}>
  <svg viewBox="0 0 60 80" role="img" aria-label="{side} side">
    <path d={ARROWS[side]} />
  </svg>
  {#if withWord}<b>{side}</b>{/if}
</span>

<style>
  .side {
    display: flex;
    flex: none;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 0.25rem;
    text-transform: capitalize;
  }
  svg {
    height: clamp(2.5rem, 20cqmin, 9rem);
  }
  path {
    fill: var(--lamp);
    stroke: var(--ink);
    stroke-width: 4;
    stroke-linejoin: round;
  }
  b {
    font-family: var(--font-heading);
    font-size: clamp(1.5rem, 9cqmin, 3.5rem);
    font-weight: 800;
    line-height: 1;
  }
</style>
