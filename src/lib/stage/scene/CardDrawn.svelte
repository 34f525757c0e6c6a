<!-- A card, face down and then turned: its suit drawn, its number in the corners. -->
<script lang="ts">
  import { sectorHue } from '$lib/chance/sector-look';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import { suitPicture } from '$lib/pictures/suit-pictures';

  type Props = { suit: string; sign: string; entry: number; falling: boolean };
  const { suit, sign, entry, falling }: Props = $props();
  const picture = $derived(suitPicture(suit));
</script>

<span class={['card', falling && 'falling']}>
  <span class="face front" style:--hue={sectorHue(entry)}>
    <b class="corner">{sign}</b>
    {#if picture}<PictureSvg {picture} size="100%" />{:else}<span class="word">{suit}</span>{/if}
    <b class="corner other">{sign}</b>
  </span>
  <span class="face back" aria-hidden="true"></span>
</span>

<style>
  .card {
    position: relative;
    width: min(96cqw, 68cqh);
    aspect-ratio: 5 / 7;
    transform-style: preserve-3d;
    container-type: size;
  }
  .face {
    position: absolute;
    inset: 0;
    display: grid;
    place-items: center;
    border: max(3px, 1.5cqw) solid var(--ink);
    border-radius: 8cqw;
    backface-visibility: hidden;
  }
  .front {
    background: var(--raised);
  }
  .front :global(svg) {
    width: 52cqw;
    height: 52cqw;
    fill: color-mix(in oklab, var(--hue) 55%, var(--raised));
    stroke-width: 1.5;
  }
  .word {
    font-size: 16cqw;
    font-weight: 800;
  }
  .corner {
    position: absolute;
    top: 4cqw;
    left: 7cqw;
    font-family: 'Plain Figures', var(--font-heading);
    font-size: 28cqw;
    line-height: 1;
  }
  .other {
    inset: auto 7cqw 4cqw auto;
    rotate: 180deg;
  }
  .back {
    transform: rotateY(180deg);
    background: repeating-linear-gradient(
      45deg,
      var(--water) 0 6%,
      color-mix(in oklab, var(--water) 55%, var(--raised)) 6% 12%
    );
  }
  .falling {
    animation: turn 1.5s cubic-bezier(0.3, 0.1, 0.2, 1) both;
  }
  @keyframes turn {
    from {
      transform: translateY(60%) rotateY(180deg);
    }
    40% {
      transform: rotateY(180deg);
    }
    60% {
      transform: rotateY(180deg) scale(1.04);
    }
    to {
      transform: rotateY(0);
    }
  }
</style>
