<!-- The number is the hero. Its shape says what is counted: beads for reps, a band for time, a frame for a hold. -->
<script lang="ts">
  import { beadsOf } from './beads';

  type Props = {
    shape: 'beads' | 'band' | 'frame';
    count: number;
    /** What the count runs to; null where only the time matters. */
    of: number | null;
    /** How full, from 0 to 1. */
    share: number;
  };
  const { shape, count, of, share }: Props = $props();

  const RADIUS = 44;
  const AROUND = 2 * Math.PI * RADIUS;
  const FRAME = 4 * 84;
  const GAP = 3.2;
  const part = $derived(Math.min(1, Math.max(0, share)));
  const beads = $derived(of === null ? [] : beadsOf(of, part * of));
  const each = $derived(AROUND / Math.max(1, beads.length));
  const arc = (n: number, full: number) => ({
    dash: `${Math.max(0, (each - (beads.length > 1 ? GAP : 0)) * full)} ${AROUND}`,
    offset: -(n * each + GAP / 2),
  });
</script>

<div class="count" data-count={count} data-shape={shape}>
  <svg viewBox="0 0 100 100" aria-hidden="true">
    {#if shape === 'frame'}
      <rect class="track" x="8" y="8" width="84" height="84" rx="5" />
      <rect
        class="done"
        x="8"
        y="8"
        width="84"
        height="84"
        rx="5"
        stroke-dasharray="{part * FRAME} {FRAME}"
      />
    {:else if shape === 'band' || beads.length === 0}
      <circle class="track" cx="50" cy="50" r={RADIUS} />
      <circle
        class="done"
        cx="50"
        cy="50"
        r={RADIUS}
        stroke-dasharray="{part * AROUND} {AROUND}"
        transform="rotate(-90 50 50)"
      />
    {:else}
      <g transform="rotate(-90 50 50)">
        {#each beads as { full }, n (n)}
          {@const track = arc(n, 1)}
          {@const done = arc(n, full)}
          <circle
            class="track"
            cx="50"
            cy="50"
            r={RADIUS}
            stroke-dasharray={track.dash}
            stroke-dashoffset={track.offset}
          />
          {#if full > 0}
            <circle
              class="done"
              cx="50"
              cy="50"
              r={RADIUS}
              stroke-dasharray={done.dash}
              stroke-dashoffset={done.offset}
            />
          {/if}
        {/each}
      </g>
    {/if}
  </svg>
  <p class="number">
    <span class={['big', String(count).length > 2 && 'long']}>{count}</span>
    {#if of !== null}<span class="of">of {of}</span>{/if}
  </p>
</div>

<style>
  .count {
    position: relative;
    aspect-ratio: 1;
    height: 100%;
    max-width: 100%;
    container-type: size;
    margin-inline: auto;
  }
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }
  circle,
  rect {
    fill: none;
    stroke-width: 9;
  }
  [data-shape='band'] circle {
    stroke-width: 12;
  }
  [data-shape='frame'] rect {
    stroke-width: 11;
  }
  .track {
    stroke: var(--line);
  }
  .done {
    stroke: var(--lamp);
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
    font-family: 'Plain Figures', var(--font-heading);
    font-weight: 800;
    font-size: 54cqmin;
  }
  .big.long {
    font-size: 38cqmin;
  }
  .of {
    font-size: max(1.5rem, 12cqmin);
    font-weight: 650;
    margin-top: 3cqmin;
  }
</style>
