<!-- Letters as they are written, stroke by stroke. -->
<script lang="ts">
  import { LETTER_BOX, letterStrokes } from '$core';

  type Props = { text: string; falling: boolean };
  const { text, falling }: Props = $props();

  const letters = $derived([...text].map((letter) => ({ letter, strokes: letterStrokes(letter) })));
  const known = $derived(letters.every(({ strokes }) => strokes !== null));
  /** Seconds that all strokes take together. */
  const ALL_SECONDS = 1.7;
  const strokes = $derived(
    letters.flatMap(({ strokes: own }, n) =>
      (own ?? []).map((d) => ({ d, x: n * LETTER_BOX.width })),
    ),
  );
  const each = $derived(ALL_SECONDS / Math.max(1, strokes.length));
</script>

{#if known}
  <svg
    class={[falling && 'falling']}
    viewBox="-10 -4 {letters.length * LETTER_BOX.width + 20} {LETTER_BOX.height}"
    role="img"
    aria-label={text}
  >
    {#each strokes as { d, x }, n (n)}
      <path
        {d}
        pathLength="1"
        transform="translate({x} 0)"
        style:animation-duration="{each}s"
        style:animation-delay="{n * each}s"
      />
    {/each}
  </svg>
{:else}
  <span class="plain">{text}</span>
{/if}

<style>
  svg {
    display: block;
    width: 100%;
    height: 100%;
    overflow: visible;
  }
  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 13;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .falling path {
    stroke-dasharray: 1.02;
    animation: write 1s linear backwards;
  }
  @keyframes write {
    from {
      stroke-dashoffset: 1.02;
      opacity: 0;
    }
    1% {
      opacity: 1;
    }
    to {
      stroke-dashoffset: 0;
    }
  }
  .plain {
    display: grid;
    place-items: center;
    width: 100%;
    height: 100%;
    container-type: size;
    font-family: var(--font-heading);
    font-weight: 800;
    font-size: clamp(3rem, 26vmin, 16rem);
    line-height: 1;
  }
</style>
