<!-- Left and right by place and shape: an arrow at its own side of the screen, and the word. -->
<script lang="ts">
  type Props = { say: string; own: string };
  const { say, own }: Props = $props();
</script>

<div class={['sign', say]} data-side={say}>
  <svg viewBox="0 0 60 80" aria-hidden="true">
    <path
      d={say === 'left' ? 'M30 6L4 40l26 34V54h26V26H30z' : 'M30 6l26 34-26 34V54H4V26h26z'}
      fill="var(--lamp)"
      stroke="var(--ink)"
      stroke-width="4"
      stroke-linejoin="round"
    />
  </svg>
  <span>
    <span class="block font-heading text-6xl leading-none font-extrabold capitalize">{say}</span>
    {#if own}<span class="block text-2xl">{own}</span>{/if}
  </span>
</div>

<style>
  .sign {
    display: flex;
    align-items: center;
    gap: 1rem;
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
