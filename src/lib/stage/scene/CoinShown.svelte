<!-- A coin: a sun for heads, a moon for tails, and the word. -->
<script lang="ts">
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import { coinPicture } from '$lib/pictures/suit-pictures';

  type Props = { name: string; falling: boolean };
  const { name, falling }: Props = $props();
</script>

<span class={['coin', falling && 'falling']}>
  <PictureSvg picture={coinPicture(name)} size="100%" strokeWidth={1.5} />
  <b>{name}</b>
</span>

<style>
  .coin {
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    width: 92cqmin;
    aspect-ratio: 1;
    border: 4px solid var(--ink);
    border-radius: 50%;
    background: var(--lamp);
    color: var(--on-lamp);
    container-type: size;
  }
  .coin :global(svg) {
    width: 46cqw;
    height: 46cqw;
  }
  b {
    font-family: var(--font-heading);
    font-size: 17cqw;
    line-height: 1;
  }
  .falling {
    animation: flip 1.5s cubic-bezier(0.2, 0.6, 0.3, 1) both;
  }
  @keyframes flip {
    from {
      transform: translateY(-30%) rotateX(1440deg);
    }
  }
</style>
