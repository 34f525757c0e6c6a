<!-- The number is the hero: how many, or how long still, in a ring that fills. -->
<script lang="ts">
  type Props = {
    count: number;
    /** What the count runs to; null where only the time matters. */
    of: number | null;
    /** From 0 to 1. */
    share: number;
  };
  const { count, of, share }: Props = $props();

  const RADIUS = 46;
  const AROUND = 2 * Math.PI * RADIUS;
</script>

<div class="count-ring" data-count={count}>
  <svg viewBox="0 0 100 100" aria-hidden="true">
    <circle class="track" cx="50" cy="50" r={RADIUS} />
    <circle
      class="done"
      cx="50"
      cy="50"
      r={RADIUS}
      stroke-dasharray="{Math.min(1, Math.max(0, share)) * AROUND} {AROUND}"
      transform="rotate(-90 50 50)"
    />
  </svg>
  <p class="number">
    <span class={['big', String(count).length > 2 && 'long']}>{count}</span>
    {#if of !== null}<span class="of">of {of}</span>{/if}
  </p>
</div>

<style>
  .count-ring {
    position: relative;
    aspect-ratio: 1;
    height: min(100%, 52vh, 38vw);
    container-type: size;
  }
  @media (max-width: 640px) {
    .count-ring {
      height: 100%;
    }
  }
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }
  circle {
    fill: none;
    stroke-width: 7;
  }
  .track {
    stroke: var(--line);
  }
  .done {
    stroke: var(--lamp);
    stroke-linecap: butt;
  }
  .number {
    position: absolute;
    inset: 0;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    line-height: 0.85;
  }
  .big {
    font-family: var(--font-heading);
    font-weight: 800;
    font-size: 56cqh;
  }
  .big.long {
    font-size: 40cqh;
  }
  .of {
    font-size: 11cqh;
    font-weight: 600;
    margin-top: 3cqh;
  }
</style>
