<!-- A sum on a slate, for the children to do. -->
<script lang="ts">
  import Fitted from './Fitted.svelte';

  type Props = { sum: string };
  const { sum }: Props = $props();
</script>

<div class="slate">
  <Fitted words={sum} most={320} />
</div>

<style>
  .slate {
    height: 100%;
    padding: 4cqmin;
    border: clamp(8px, 2cqmin, 20px) solid var(--warm-up);
    border-radius: 3cqmin;
    background: oklch(0.25 0.03 228);
    color: oklch(0.97 0.01 88);
  }
  .slate :global(.room) {
    justify-items: center;
  }
  /* One line, whatever the scene says of its words. */
  .slate :global(.room .main) {
    font-family: 'Plain Figures', var(--font-heading);
    text-wrap: nowrap;
  }
</style>
